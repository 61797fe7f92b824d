import { CoreError } from '../../base/error/index.ts'
import { addDays, type Day } from '../../base/calendar/index.ts'
import { paintFindings, readPaint, type Findings, type Paint } from '../../seen/finding/index.ts'
import { leavesOf } from '../../seen/painter/index.ts'
import { contexts, findPlant, type Context } from '../../stand/plant/index.ts'
import {
  allCauses,
  causesOf,
  checks,
  DrawnWorld,
  featureLikeness,
  occursOn,
  settingOf,
  storyEvents,
  storyEventKinds,
  tellingApart,
  type Cause,
  type DatedEvent,
  type FeatureName,
  type Setting,
  type StoryEventKind,
} from '../diagnosis/index.ts'
import { drawing } from './data/drill-figures.ts'
import { drillKinds, type DrawnKind, type DrillKind } from './data/kinds.ts'

/** What is asked of a drilled case. */
export interface DrillAsked {
  readonly kind: DrillKind
  readonly context: Context
  readonly plantId: string
  /** What is asked for, or what is true. */
  readonly causeId: string
  /** What it has to be told apart from; null: whatever comes. */
  readonly against: string | null
}

/** What decides a drawn case: the same, the same case. */
export interface DrillSpec extends DrillAsked {
  readonly kind: DrawnKind
  /** 0 to 1 [1]. */
  readonly seed: number
}

/** A plant whose causes are known: drawn, or of an own case. */
export interface DrilledPlant {
  readonly causes: readonly Cause[]
  readonly paint: Paint
  /** What every look, question and test would answer. */
  readonly answers: ReadonlyMap<FeatureName, string>
  readonly story: readonly DatedEvent[]
  /** What is known from the start: what the picture shows, and what was looked at. */
  readonly shown: ReadonlyMap<FeatureName, string>
}

/** A case with its truth; what judges it is given what is known of it, never this. */
export interface DrilledCase {
  readonly spec: DrillAsked
  readonly setting: Setting
  /** Several to choose from where it is asked which; else one. */
  readonly plants: readonly DrilledPlant[]
}

/** The day of the look; which, is all the same, since a drill knows no season. */
export const drillDay: Day = '2026-06-15'

/**
 * The cause of a name.
 * @throws {Error} where there is none: what was drilled is known
 */
export function causeOf(id: string): Cause {
  const cause = allCauses.find((each) => each.id === id)
  if (!cause) throw new Error(`no cause ${id}`)
  return cause
}

/** Causes that are drilled on a kind of stand, the commonest first; something else has no picture. */
export const drilledCauses = (context: Context): readonly Cause[] =>
  causesOf(context)
    .filter(({ id }) => id !== 'something-else')
    .toSorted(
      (a, b) =>
        (b.commonness[context] ?? b.commonness.otherwise) -
        (a.commonness[context] ?? a.commonness.otherwise),
    )

const pictured = ['tier', 'pattern', 'oldPattern', 'severity'] as const

/** What a plant of these answers looks like; a drilled one is never green. */
export function paintOf(context: Context, answers: ReadonlyMap<FeatureName, string>): Paint {
  const findings: Findings = Object.fromEntries(
    pictured.flatMap((name) => {
      const value = answers.get(name)
      return value === undefined ? [] : [[name, name === 'severity' && value === '0' ? '1' : value]]
    }),
  )
  return paintFindings(leavesOf(contexts[context].figure), findings)
}

/** Days before the look on which something happened, so that it could act. */
function daysBefore(kind: StoryEventKind, hurtsStanding: boolean, chance: number): number {
  const { actsAfterDays, actsForDays, ...event } = storyEvents[kind]
  if (hurtsStanding && 'onStandingLeavesDays' in event) {
    return Math.ceil(chance * event.onStandingLeavesDays)
  }
  return actsAfterDays + 14 + Math.round(chance * Math.min(actsForDays, drawing.longestTold.value))
}

/** What is told of a case: its causes make some of it likelier, the rest is what happens anyway. */
function drawStory(causes: readonly Cause[], chance: () => number): readonly DatedEvent[] {
  return storyEventKinds.flatMap((kind): DatedEvent[] => {
    // Without the pH before and after it says nothing.
    if (kind === 'pH-corrected') return []
    const times = causes.reduce((product, { events }) => product * (events?.[kind] ?? 1), 1)
    const [happens, when] = [chance(), chance()]
    if (happens > Math.min(drawing.mostlyTold.value, drawing.eventChance.value * times)) return []
    const hurtsStanding = causes.some((each) => each.hurtsStandingLeaves)
    return [{ kind, happenedOn: addDays(drillDay, -daysBefore(kind, hurtsStanding, when)) }]
  })
}

/** What can be had for nothing but a few minutes on the spot. */
const isLook = (name: FeatureName): boolean =>
  checks.some(({ money, days, reveals }) => money === 0 && days === 0 && reveals.includes(name))

/** What has to be known to tell a cause from what it is asked beside. */
const tellingOf = (
  { causeId, against, context }: DrillSpec,
  answers: ReadonlyMap<FeatureName, string>,
): readonly FeatureName[] =>
  against === null
    ? []
    : tellingApart(causeId, against, { context, among: [...answers.keys()] }).slice(
        0,
        drawing.toldApartBy.value,
      )

function drawPlant(world: DrawnWorld, spec: DrillSpec, truth: number): DrilledPlant {
  const { kind, context, plantId } = spec
  const answers = new Map(world.drawEverything(truth))
  const paint = paintOf(context, answers)
  const seen = readPaint(leavesOf(contexts[context].figure), paint)
  // What is known is what the picture shows, not what was drawn before it was painted.
  for (const name of pictured) answers.delete(name)
  const shown = new Map<FeatureName, string>(Object.entries(seen) as [FeatureName, string][])
  for (const [name, value] of shown) answers.set(name, value)
  // Of other plants nothing is said, as at a look.
  if (findPlant(plantId).tissue === 'citrus') shown.set('plantKind', 'citrus')
  const causes = world.hypotheses[truth]?.causes ?? []
  const story = kind === 'leaf' ? [] : drawStory(causes, () => world.chance())
  if (kind === 'look') {
    for (const [name, value] of answers) {
      const share = name === 'pH' ? drawing.pHKnown.value : drawing.lookedAt.value
      if ((isLook(name) || name === 'pH') && world.chance() < share) shown.set(name, value)
    }
    for (const name of tellingOf(spec, answers)) shown.set(name, answers.get(name) ?? '')
  }
  return { causes, paint, answers, story, shown }
}

const pictureOf = ({ shown }: DrilledPlant): string =>
  pictured.map((name) => shown.get(name) ?? '').join('|')

function shuffled<Item>(items: readonly Item[], chance: () => number): Item[] {
  return items
    .map((item) => ({ item, at: chance() }))
    .toSorted((a, b) => a.at - b.at)
    .map(({ item }) => item)
}

const mostTries = 12

/** Of some plants of a cause, the one that shows it as it mostly does: one that is asked for is no rarity. */
function drawTypical(world: DrawnWorld, spec: DrillSpec, truth: number): DrilledPlant {
  const usual = ({ shown }: DrilledPlant) =>
    pictured.reduce((product, name) => {
      const value = shown.get(name)
      return value === undefined ? product : product * world.chanceOf(name, truth, value)
    }, 1)
  return Array.from({ length: drawing.drawnForTypical.value }, () =>
    drawPlant(world, spec, truth),
  ).reduce((best, each) => (usual(each) > usual(best) ? each : best))
}

/** Plants of other causes beside the one that is asked for, none of which looks like another. */
function drawPlants(world: DrawnWorld, spec: DrillSpec): readonly DrilledPlant[] {
  const { context, causeId, against, plantId } = spec
  const many = drillKinds.leaf.offers
  const single = (id: string) => world.hypotheses.findIndex((each) => each.id === id)
  const unlike = drilledCauses(context).filter(
    (cause) =>
      ![causeId, against].includes(cause.id) &&
      occursOn(cause, findPlant(plantId)) &&
      featureLikeness(cause.id, causeId, context) < drawing.unlike.value,
  )
  const others = shuffled(unlike.slice(0, 2 * many), () => world.chance()).map(({ id }) => id)
  const plants: DrilledPlant[] = []
  for (const id of [causeId, ...(against === null ? [] : [against]), ...others]) {
    if (plants.length === many) break
    for (let tried = 0; tried < mostTries; tried += 1) {
      const plant = drawTypical(world, spec, single(id))
      if (plants.some((each) => pictureOf(each) === pictureOf(plant))) continue
      plants.push(plant)
      break
    }
  }
  return shuffled(plants, () => world.chance())
}

/** One cause, or now and then two of which it is one, as often as they are met. */
function drawTruth(world: DrawnWorld, { causeId, plantId }: DrillSpec): number {
  const plant = findPlant(plantId)
  const having = world.hypotheses.flatMap(({ causes, prior }, at) =>
    causes.some(({ id }) => id === causeId) && causes.every((each) => occursOn(each, plant))
      ? [{ at, prior }]
      : [],
  )
  let left = world.chance() * having.reduce((sum, { prior }) => sum + prior, 0)
  return (having.find(({ prior }) => (left -= prior) <= 0) ?? having[0])?.at ?? 0
}

/**
 * Draws a case whose truth is known from a world that is like the tables of the verdict, but not as
 * they say. Whatever judges it later is given what was found of it alone.
 * @throws {CoreError} unknown-name for a plant that is not in the list, not-applicable for a cause of another kind of stand or plant
 */
export function drawCase(spec: DrillSpec): DrilledCase {
  const { context, causeId, against, seed, kind } = spec
  const plant = findPlant(spec.plantId)
  const met = drilledCauses(context).filter((cause) => occursOn(cause, plant))
  for (const id of [causeId, ...(against === null ? [] : [against])]) {
    if (!met.some((each) => each.id === id)) {
      throw new CoreError('cause-elsewhere', { parameter: 'causeId', received: id })
    }
  }
  const setting = settingOf(context, plant, {})
  const world = new DrawnWorld(context, setting.leaf, seed, drawing.worldIsOffBy.value)
  if (kind === 'leaf') return { spec, setting, plants: drawPlants(world, spec) }
  const truth =
    kind === 'case'
      ? drawTruth(world, spec)
      : world.hypotheses.findIndex(({ id }) => id === causeId)
  return { spec, setting, plants: [drawPlant(world, spec, truth)] }
}
