import { contextNames } from '@spudder/core/stand/plant'
import { DrawnWorld, judgeKnown } from '@spudder/core/verdict/diagnosis'

/** How often hypotheses of a stated probability were true. */
export interface ReliabilityBin {
  /** Mean of the probabilities stated. */
  readonly stated: number
  /** Share of them that came true. */
  readonly true: number
  readonly count: number
}

const binCount = 10

/**
 * States probabilities over cases of worlds whose numbers are off by a factor, and counts how often
 * they come true. Every hypothesis that is given more than one in fifty is a statement.
 * @param offBy one standard deviation of the natural logarithm of the factors
 */
export function measureReliability(cases: number, offBy: number): readonly ReliabilityBin[] {
  const bins = Array.from({ length: binCount }, () => ({ stated: 0, true: 0, count: 0 }))
  const casesPerWorld = 50
  for (let done = 0; done < cases; done += casesPerWorld) {
    const number = done / casesPerWorld
    const context = contextNames[number % contextNames.length] ?? 'turf'
    const leaf =
      context === 'turf' || (context === 'row-crop' && number % 2 === 0) ? 'blade' : 'broad'
    const world = new DrawnWorld(context, leaf, (number * 0.6180339887 + 0.1) % 1, offBy)
    for (let each = 0; each < casesPerWorld; each += 1) {
      const truth = world.drawTruth()
      const { ranked } = judgeKnown({ setting: world.setting, known: world.drawKnown(truth) })
      for (const { id, probability } of ranked) {
        if (probability < 0.02) continue
        const bin = bins[Math.min(binCount - 1, Math.floor(probability * binCount))]
        if (!bin) continue
        bin.stated += probability
        bin.true += id === world.hypotheses[truth]?.id ? 1 : 0
        bin.count += 1
      }
    }
  }
  return bins
    .filter(({ count }) => count > 0)
    .map((bin) => ({
      stated: bin.stated / bin.count,
      true: bin.true / bin.count,
      count: bin.count,
    }))
}

/** Mean distance between what was stated and what came true, by how often it was stated. */
export function calibrationError(bins: readonly ReliabilityBin[]): number {
  const total = bins.reduce((sum, { count }) => sum + count, 0)
  return bins.reduce((sum, bin) => sum + (bin.count / total) * Math.abs(bin.stated - bin.true), 0)
}
