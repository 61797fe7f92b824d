import type { Paint, Severity } from '@spudder/core/seen/finding'

/**
 * The plant as it comes after a treatment: green where it was right, half as pale where half of it was,
 * a shade paler where it was wrong and the trouble went on.
 */
export const greenedBy = (paint: Paint, right: number): Paint =>
  Object.fromEntries(
    Object.entries(paint).map(([id, leaf]) => {
      const pale =
        right === 0 ? Math.min(5, leaf.severity + 1) : Math.round(leaf.severity * (1 - right))
      return [id, { ...leaf, severity: pale as Severity }]
    }),
  )
