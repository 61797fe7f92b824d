import type { HazardLimit } from '../hazard-limit.ts'

type Dissolved = 'Fe' | 'Mn' | 'Zn' | 'Mg'

/** High and stop of a nutrient in the whole solution, what is there already counted [mg/L]. */
type Strengths = Readonly<Record<Dissolved, readonly [high: number, stop: number]>>

const plants: Strengths = { Fe: [5, 10], Mn: [1, 2], Zn: [0.5, 1], Mg: [80, 160] }
/** Fish are hurt long before plants are; soft water makes it worse. */
const withFish: Strengths = { Fe: [3, 5], Mn: [0.5, 1], Zn: [0.1, 0.3], Mg: [80, 160] }

const limitsOf = (context: 'hydroponic' | 'aquaponic', strengths: Strengths): HazardLimit[] =>
  (Object.keys(strengths) as Dissolved[]).map((nutrient) => {
    const [high, stop] = strengths[nutrient]
    const hasFish = context === 'aquaponic' && nutrient !== 'Mg'
    return {
      id: `${context}-${nutrient}`,
      hazard: hasFish ? 'fish' : 'toxic solution',
      nutrient,
      families: ['salt', 'held', 'strong'],
      route: 'solution',
      contexts: [context],
      basis: 'iron-in-solution',
      unit: 'mg/L',
      high,
      stop,
      source: hasFish
        ? 'what loops with fish are kept under; the direction is certain, the figure judgement'
        : 'nutrient solution recipes, and what is toxic above them, judgement',
      mark: 'J',
    }
  })

/** What a solution bears. */
export const solutionLimits: readonly HazardLimit[] = [
  ...limitsOf('hydroponic', plants),
  ...limitsOf('aquaponic', withFish),
]
