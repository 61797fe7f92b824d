import type { CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import type { CloseCaseDto } from '@spudder/contract/case'
import type { CreateRemedyDto } from '@spudder/contract/remedy'
import type { CreateStandDto } from '@spudder/contract/stand'
import { leavesOf } from '@spudder/core/seen/painter'
import { contexts, findPlant } from '@spudder/core/stand/plant'
import { utcDay } from 'd3-time'
import { bellDrawFor, drawFor, idFor } from '../seeded/index.ts'
import type { Act, StandHistory } from './acts.ts'
import { adviser, manager, recordKeepers } from './people.ts'

type DtoOf<Kind extends Act['kind']> =
  Extract<Act, { kind: Kind }> extends { dto: infer Dto } ? Dto : never

/** Those of the staff who keep the record. */
const staff = recordKeepers.map(({ name }) => name)

type ColourKind = 'turfColour' | 'severity' | 'chlorophyll'

const colourNature: Readonly<
  Record<ColourKind, { noise: number; min: number; max: number; step: number }>
> = {
  turfColour: { noise: 0.22, min: 1, max: 9, step: 0.5 },
  severity: { noise: 0.14, min: 0, max: 5, step: 0.5 },
  chlorophyll: { noise: 0.9, min: 0, max: 80, step: 0.1 },
}

/** Value on a line through points given as [days ago, value], the oldest first. */
function along(points: readonly (readonly [number, number])[], daysAgo: number): number {
  const next = points.findIndex(([at]) => at <= daysAgo)
  const [right, left] = [points[next], points[next - 1]]
  if (!right) return points.at(-1)?.[1] ?? 0
  if (!left) return right[1]
  return left[1] + ((right[1] - left[1]) * (left[0] - daysAgo)) / (left[0] - right[0])
}

/** Writes down the year of one stand, by days ago. */
export class Chronicle {
  readonly #today: string
  readonly #stand: CreateStandDto
  readonly #acts: Act[] = []

  constructor(today: string, stand: Omit<CreateStandDto, 'id'>) {
    this.#today = today
    this.#stand = { ...stand, id: idFor(`stand:${stand.name}`) }
  }

  #day(daysAgo: number): string {
    const date = utcDay.offset(new Date(`${this.#today}T00:00:00Z`), -daysAgo)
    return date.toISOString().slice(0, 10)
  }

  #id(what: string, daysAgo: number): string {
    return idFor(`${what}:${this.#stand.name}:${daysAgo}`)
  }

  #signed(daysAgo: number) {
    const who = Math.floor(drawFor(`who:${this.#stand.name}:${daysAgo}`) * staff.length)
    return { on: this.#day(daysAgo), by: staff[who] ?? manager.name }
  }

  /** Colour looked at about weekly along a line, with the eye's error and the weeks nobody came. */
  colour(kind: ColourKind, points: readonly (readonly [number, number])[], everyDays = 7): this {
    const { noise, min, max, step } = colourNature[kind]
    const oldest = points[0]?.[0] ?? 0
    const youngest = points.at(-1)?.[0] ?? 0
    for (let daysAgo = oldest; daysAgo >= youngest; daysAgo -= everyDays) {
      const name = `${kind}:${this.#stand.name}:${daysAgo}`
      if (drawFor(`seen:${name}`) < 0.08) continue
      const seen = along(points, daysAgo) + noise * bellDrawFor(name)
      const value = Number(
        (Math.round(Math.min(max, Math.max(min, seen)) / step) * step).toFixed(1),
      )
      const method = kind === 'chlorophyll' ? 'meter' : 'eye'
      this.reading(daysAgo, { kind, value, method })
    }
    return this
  }

  reading(daysAgo: number, given: Omit<DtoOf<'reading'>, 'id' | 'takenOn'>): this {
    const takenOn = this.#day(daysAgo)
    const id = this.#id(`reading:${given.kind}:${given.place ?? ''}`, daysAgo)
    this.#acts.push({ kind: 'reading', dto: { id, takenOn, ...given }, ...this.#signed(daysAgo) })
    return this
  }

  event(daysAgo: number, given: Omit<DtoOf<'event'>, 'id' | 'happenedOn'>): this {
    const dto = {
      id: this.#id(`event:${given.kind}`, daysAgo),
      happenedOn: this.#day(daysAgo),
      ...given,
    }
    this.#acts.push({ kind: 'event', dto, ...this.#signed(daysAgo) })
    return this
  }

  /** What the adviser wrote beside the verdict. */
  advice(daysAgo: number, words: string): this {
    const givenOn = this.#day(daysAgo)
    const dto = { id: this.#id('advice', daysAgo), givenOn, words }
    this.#acts.push({ kind: 'advice', dto, on: givenOn, by: adviser.name })
    return this
  }

  /** A look with an iron leaf painted on the youngest leaves. */
  look(daysAgo: number, severity: 1 | 2 | 3 | 4, findings: Record<string, string>): this {
    const leaves = leavesOf(contexts[this.#stand.context].figure)
    const { leafForm } = findPlant(this.#stand.plantId)
    const pattern = leafForm === 'blade' ? ('stripes' as const) : ('fine-green-veins' as const)
    const young = leaves.filter(({ age }) => age < 1 / 3)
    const paint = Object.fromEntries(young.map(({ id }) => [id, { severity, pattern }]))
    const seen = { tier: 'youngest-only', pattern, severity: String(severity), ...findings }
    const dto = {
      id: this.#id('look', daysAgo),
      lookedOn: this.#day(daysAgo),
      findings: seen,
      paint,
    }
    this.#acts.push({ kind: 'look', dto, ...this.#signed(daysAgo) })
    return this
  }

  remedy(
    daysAgo: number,
    given: Omit<CreateRemedyDto, 'id' | 'applyOn' | 'retestOn'> & {
      applyDaysAgo: number
      retestDaysAgo?: number
    },
  ): this {
    const { applyDaysAgo, retestDaysAgo, ...rest } = given
    const retest = retestDaysAgo === undefined ? {} : { retestOn: this.#day(retestDaysAgo) }
    const dto = {
      id: this.#id('remedy', daysAgo),
      applyOn: this.#day(applyDaysAgo),
      ...rest,
      ...retest,
    }
    this.#acts.push({ kind: 'remedy', dto, ...this.#signed(daysAgo) })
    return this
  }

  /** An acid plan that starts on its day, with steps of one material and its retests. */
  acidPlan(
    daysAgo: number,
    given: Omit<CreateAcidPlanDto, 'id' | 'startsOn' | 'steps' | 'retests'> & {
      sourceId: CreateAcidPlanDto['steps'][number]['sourceId']
      kgPerM2: number
      stepsDaysAgo: readonly number[]
      retestsDaysAgo: readonly number[]
    },
  ): this {
    const { sourceId, kgPerM2, stepsDaysAgo, retestsDaysAgo, ...rest } = given
    const dto = {
      id: this.#id('acid-plan', daysAgo),
      startsOn: this.#day(daysAgo),
      steps: stepsDaysAgo.map((ago) => ({
        id: this.#id('acid-step', ago),
        day: this.#day(ago),
        sourceId,
        kgPerM2,
      })),
      retests: retestsDaysAgo.map((ago) => ({
        id: this.#id('acid-retest', ago),
        day: this.#day(ago),
      })),
      ...rest,
    }
    this.#acts.push({ kind: 'acidPlan', dto, ...this.#signed(daysAgo) })
    return this
  }

  entry(daysAgo: number, usedShare: number, note: string): this {
    const entryId = this.#id('entry', daysAgo)
    this.#acts.push({ kind: 'entry', entryId, usedShare, note, ...this.#signed(daysAgo) })
    return this
  }

  /** A photo of the leaves with the colour card, so green and in such light. */
  photo(
    daysAgo: number,
    greenness: number,
    light: { readonly exposure: number; readonly red: number; readonly blue: number },
    part: 'whole' | 'untreated' = 'whole',
  ): this {
    const { leafForm } = findPlant(this.#stand.plantId)
    const isBlade = leafForm === 'blade'
    this.#acts.push({
      kind: 'photo',
      photoId: this.#id(`photo:${part}`, daysAgo),
      fileName: `${this.#stand.name.toLowerCase().replaceAll(' ', '-')}-${this.#day(daysAgo)}${part === 'whole' ? '' : '-untreated'}.jpg`,
      scene: {
        width: 560,
        height: 420,
        ground: '#6b5a45',
        canopy: {
          leafForm,
          greenness,
          spread: 0.05,
          leafCount: isBlade ? 700 : 90,
          leafLength: isBlade ? 260 : 120,
          seed: drawFor(`photo:${this.#stand.name}:${daysAgo}:${part}`),
          ...(isBlade ? {} : { veinGreenness: Math.min(0.86, greenness + 0.18) }),
        },
      },
      exposure: { ...light, noise: 0.012, seed: drawFor(`noise:${daysAgo}`) },
      part,
      ...this.#signed(daysAgo),
    })
    return this
  }

  /** A trial on the stand, rated on some days: what each treatment brought by then. */
  trial(
    daysAgo: number,
    given: Omit<DtoOf<'trial'>, 'id' | 'startedOn'>,
    rounds: readonly { daysAgo: number; base: number; gains: Readonly<Record<string, number>> }[],
  ): this {
    const dto = { id: this.#id('trial', daysAgo), startedOn: this.#day(daysAgo), ...given }
    this.#acts.push({
      kind: 'trial',
      dto,
      rounds: rounds.map(({ daysAgo: ago, base, gains }) => ({
        ratedOn: this.#day(ago),
        base,
        gains,
      })),
      ...this.#signed(daysAgo),
    })
    return this
  }

  zone(daysAgo: number, given: Omit<DtoOf<'zone'>, 'id'>): this {
    const dto = {
      id: this.#id(`zone:${given.name}`, daysAgo),
      scoredOn: this.#day(daysAgo),
      ...given,
    }
    this.#acts.push({ kind: 'zone', dto, ...this.#signed(daysAgo) })
    return this
  }

  /** Samples sent to the laboratory. */
  order(daysAgo: number, given: Omit<DtoOf<'order'>, 'id' | 'orderedOn'>): this {
    const dto = { id: this.#id('order', daysAgo), orderedOn: this.#day(daysAgo), ...given }
    this.#acts.push({ kind: 'order', dto, ...this.#signed(daysAgo) })
    return this
  }

  close(daysAgo: number, outcome: CloseCaseDto['outcome'], note: string): this {
    const dto = { outcome, closedOn: this.#day(daysAgo), note }
    this.#acts.push({ kind: 'close', dto, ...this.#signed(daysAgo) })
    return this
  }

  /** The stand with everything written down, in the order in which it happened. */
  finished(): StandHistory {
    return { stand: this.#stand, acts: this.#acts.toSorted((a, b) => a.on.localeCompare(b.on)) }
  }
}
