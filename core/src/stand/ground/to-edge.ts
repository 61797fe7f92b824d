import type { GridPoint, Outline } from './outline.ts'

/** How far a point lies from the edge of an outline [m]. */
export function metresToEdge([x, y]: GridPoint, outline: Outline): number {
  const each = outline.map(([ax, ay], index) => {
    const [bx, by] = outline[(index + 1) % outline.length] ?? [ax, ay]
    const [dx, dy] = [bx - ax, by - ay]
    const along = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1))) // prettier-ignore
    return Math.hypot(x - ax - along * dx, y - ay - along * dy)
  })
  return Math.min(...each)
}
