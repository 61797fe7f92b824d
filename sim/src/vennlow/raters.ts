import type { CreateEyeSittingDto } from '@spudder/contract/eye'
import { utcDay } from 'd3-time'
import { drawFor, idFor } from '../seeded/index.ts'
import { recordKeepers } from './people.ts'

/** How somebody of the demo rates, in units of the scale. */
export interface DemoEye {
  readonly above: number
  /** What is added at the high end of the scale, and taken away at the low end. */
  readonly steeper: number
  readonly stray: number
}

/** A sitting to be played: what is said of its pictures follows from the eye. */
export interface DemoSitting {
  readonly by: string
  readonly eye: DemoEye
  readonly sitting: Omit<CreateEyeSittingDto, 'said'>
}

/** Invented: an eye that flatters, one that is true, one that is strict and strays. */
const eyes: readonly DemoEye[] = [
  { above: 0.6, steeper: -0.2, stray: 0.35 },
  { above: -0.1, steeper: 0.1, stray: 0.3 },
  { above: -0.5, steeper: 0.4, stray: 0.6 },
]

/** How long ago each of the record keepers sat down to it [d]. */
const sittingsAgo = [[118, 9], [40], [131, 104]]

/** What the people of Vennlow rated on the screen of the office. */
export const sittingsOfVennlow = (today: string): readonly DemoSitting[] =>
  recordKeepers.flatMap(({ name: by }, person) =>
    (sittingsAgo[person] ?? []).flatMap((ago): DemoSitting[] => {
      const [eye, name] = [eyes[person], `sitting:${by}:${ago}`]
      if (!eye) return []
      const ratedOn = utcDay.offset(new Date(`${today}T00:00:00Z`), -ago)
      return [
        {
          by,
          eye,
          sitting: {
            id: idFor(name),
            scale: 'turfColour',
            ratedOn: ratedOn.toISOString().slice(0, 10),
            seed: drawFor(name),
            screen: 'office screen',
          },
        },
      ]
    }),
  )
