import { describe, expect, it } from 'vitest'
import { creditOf, featureLikeness } from '../diagnosis/index.ts'
import {
  causeOf,
  chooseNext,
  confusionDerivation,
  confusionsOf,
  drilledCauses,
  isNamed,
  type DrillAnswer,
} from './index.ts'
import { play, playerOf } from './tests/player.ts'

const contexts = ['turf', 'tree'] as const
const players = 7

/** Takes one of the commonest causes for one that looks like it and is treated otherwise. */
function confusionOf(context: (typeof contexts)[number], at: number) {
  const common = drilledCauses(context).slice(0, 8)
  const cause = common[at % 8]
  const alike = common
    .filter((each) => cause && creditOf(cause.treatment, [each]) === 0)
    .toSorted(
      (a, b) =>
        featureLikeness(cause?.id ?? '', b.id, context) -
        featureLikeness(cause?.id ?? '', a.id, context),
    )
  return [cause?.id ?? '', alike[at % 3]?.id ?? ''] as const
}

describe('players who judge otherwise than the engine, after thirty cases', () => {
  const played = contexts.flatMap((context) =>
    Array.from({ length: players }, (_, at) => {
      const confusion = at === 0 ? undefined : confusionOf(context, at)
      const player = playerOf((at + 1) / 50, confusion ? [confusion] : [])
      const done = play(player, { kind: 'look', context, cases: 30 })
      return { confusion, named: confusionsOf(done).filter(isNamed) }
    }),
  )

  it('have their confusion named, nearly all', () => {
    const found = played.filter(({ confusion, named }) =>
      named.some(
        ({ causeId, takenFor }) => causeId === confusion?.[0] && takenFor === confusion[1],
      ),
    )
    expect(found.length).toBeGreaterThanOrEqual(9)
  })

  it('have hardly any named that they do not have', () => {
    const others = played.flatMap(({ confusion, named }) =>
      named.filter(
        ({ causeId, takenFor }) => causeId !== confusion?.[0] || takenFor !== confusion[1],
      ),
    )
    expect(others.length).toBeLessThanOrEqual(1)
  })
}, 300_000)

const offered = ['nitrogen-short', 'zinc-short', 'iron-tied-up-by-pH', 'potassium-short']
const answer = (saidId: string, share = 0.7): DrillAnswer => ({
  kind: 'look',
  context: 'turf',
  causeId: 'zinc-short',
  saidId,
  offered,
  shares: [[0.1, share, 0.9 - share, 0.1]],
})
const times = (count: number, each: DrillAnswer) => Array.from({ length: count }, () => each)

describe('what one takes for something else', () => {
  it('is named after some times, not after the first', () => {
    expect(confusionsOf([answer('iron-tied-up-by-pH')]).filter(isNamed)).toEqual([])
    const [first] = confusionsOf(times(4, answer('iron-tied-up-by-pH')))
    expect(first).toMatchObject({ causeId: 'zinc-short', takenFor: 'iron-tied-up-by-pH', met: 4, taken: 4 }) // prettier-ignore
    expect(first && isNamed(first)).toBe(true)
    expect(first && confusionDerivation(first).result).toMatch(/in 100 likely/)
  })

  it('is nobody’s fault where the plant looked like it', () => {
    const chance = (share: number) =>
      confusionsOf(times(4, answer('iron-tied-up-by-pH', share)))[0]?.chance ?? 0
    expect(chance(0.2)).toBeLessThan(chance(0.7) / 2)
  })

  it('is over once it is told apart again and again', () => {
    const then = times(5, answer('iron-tied-up-by-pH'))
    const learnt = [...then, ...times(30, answer('zinc-short'))]
    expect(confusionsOf(then).some(isNamed)).toBe(true)
    expect(confusionsOf(learnt).some(isNamed)).toBe(false)
  })

  it('comes next, beside what it is taken for', () => {
    const done = times(4, answer('iron-tied-up-by-pH')).map((each) => ({
      ...each,
      answeredOn: '2026-03-01',
      right: 0,
      regret: 250,
    }))
    const others = times(2, answer('nitrogen-short')).map((each) => ({
      ...each,
      causeId: 'nitrogen-short',
      answeredOn: '2026-03-01',
      right: 1,
      regret: 0,
    }))
    const next = chooseNext({
      kind: 'look',
      context: 'turf',
      done: [...done, ...others],
      today: '2026-03-01',
      chance: () => 0.3,
    })
    expect(next).toMatchObject({ causeId: 'zinc-short', against: 'iron-tied-up-by-pH' })
    expect(causeOf(next.causeId).name).toBe('Zinc short')
  })
})
