/** Where a ribbon frays into strands, one a cause. */
export interface FrayShape {
  /** From the band to the ends of the strands [px]. */
  readonly width: number
  /** Of the band while it is whole: all of what is likely [px]. */
  readonly height: number
}

/** A strand along its middle, as thick as its cause is likely [px]. */
export interface Strand {
  readonly path: string
  readonly thick: number
}

/** The band is whole over this part of the width [1]. */
const wholeShare = 0.3
/** Nothing likely enough to be listed is thinner [px]. */
const thinnest = 1.4

function strand(from: number, thick: number, end: number, width: number): Strand {
  const middle = from + thick / 2
  const whole = width * wholeShare
  const bend = (whole + width) / 2
  return {
    path: `M0,${middle} H${whole} C${bend},${middle} ${bend},${end} ${width},${end}`,
    thick: Math.max(thinnest, thick),
  }
}

/**
 * The verdict as a ribbon that frays: the band is all that is likely, a strand is a cause.
 * @param shares how likely each is, likeliest first [1]
 * @param ends where the line of each stands [px from the top]
 * @returns a strand each, and what is left: causes that are not listed, cut off short
 */
export function frayed(
  shares: readonly number[],
  ends: readonly number[],
  { width, height }: FrayShape,
): { readonly strands: readonly Strand[]; readonly rest: Strand } {
  let from = 0
  const strands = shares.map((share, index) => {
    const thick = share * height
    const drawn = strand(from, thick, ends[index] ?? from, width)
    from += thick
    return drawn
  })
  const left = Math.max(0, height - from)
  return { strands, rest: strand(from, left, height + left / 2, width * 0.55) }
}
