import { workingCourse, type Medium, type WorkingCourse } from '../persistence/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import { isNone, type FigureRange } from '../../base/reference/index.ts'
import { saltCeiling } from './data/limits.ts'
import { sourceKinds, type Ligand } from '../source/index.ts'
import type { Label } from './label.ts'
import {
  labelProgramme,
  type IronVariable,
  type LabelProgramme,
  type ProgrammeOptions,
} from './label-programme.ts'

/** Part of a label's iron that works [1 of its iron]; usual is the middle of what the split allows. */
export type LabelShare = FigureRange

type Weigh = (variable: IronVariable) => FigureRange

/** Bounds of a weighted mean over every split that a programme allows. */
function boundsOf(label: Label, programme: LabelProgramme, weigh: Weigh): LabelShare | undefined {
  const weights = new Map(programme.iron.map((each) => [each.key, weigh(each)]))
  const at = (direction: 'minimize' | 'maximize', which: keyof FigureRange) =>
    programme.solveFor(direction, ({ key }) => weights.get(key)?.[which] ?? 0)
  const [low, high] = [at('minimize', 'low'), at('maximize', 'high')]
  const [least, most] = [at('minimize', 'usual'), at('maximize', 'usual')]
  if (low === undefined || high === undefined || least === undefined || most === undefined) {
    return undefined
  }
  return { low: low / label.iron, usual: (least + most) / 2 / label.iron, high: high / label.iron }
}

export interface LabelWork extends ProgrammeOptions {
  readonly route: Route
  readonly medium: Medium
}

/** Share of a label's iron that works, through time; undefined where the label is impossible. */
export interface LabelCourse {
  at(day: number): LabelShare | undefined
  mean(days: number): LabelShare | undefined
}

/**
 * How much of a label's iron works by a route: chemistry and losses over every split that the label
 * allows.
 * @throws {CoreError} out-of-range, not-a-number
 */
export function labelCourse(label: Label, { route, medium, ...options }: LabelWork): LabelCourse {
  const programme = labelProgramme(label, options)
  const courses = new Map(
    programme.iron.map(({ key, source, orthoOrtho }) => [
      key,
      workingCourse(source.id, route, medium, orthoOrtho),
    ]),
  )
  const bounds = (read: (course: WorkingCourse) => FigureRange) =>
    boundsOf(label, programme, ({ key }) => {
      const course = courses.get(key)
      return course ? read(course) : { low: 0, usual: 0, high: 0 }
    })
  return {
    at: (day) => bounds((course) => course.at(day)),
    mean: (days) => bounds((course) => course.mean(days)),
  }
}

/** Ceilings that schools name; a ligand that none speaks of is of use to none. */
const ceilingsOf = ({ ceiling }: Ligand): readonly number[] => (isNone(ceiling) ? [] : ceiling.pHs)

/** Whether a school would still use a source at a soil pH: 1 or 0; both where it has no rule. */
function schoolWeight({ source }: IronVariable, pH: number): FigureRange {
  const yes = (is: boolean) => (is ? 1 : 0)
  const { kind, boundBy } = source
  const { schools } = sourceKinds[kind]
  if (schools === 'never') return { low: 0, usual: 0, high: 0 }
  if (schools === 'unstated') return { low: 0, usual: 0.5, high: 1 }
  const ceilings = isNone(boundBy) ? [saltCeiling.value] : ceilingsOf(boundBy.ligand)
  const low = yes(pH <= (ceilings[0] ?? 0))
  const high = yes(pH <= (ceilings.at(-1) ?? 0))
  return { low, usual: (low + high) / 2, high }
}

/**
 * The same by the ceilings that schools of practitioners keep, in soil: least by the strictest
 * school, most by the most hopeful.
 * @param pH of the soil [pH]
 * @returns undefined where the label is impossible
 */
export function labelShareBySchools(
  label: Label,
  pH: number,
  options: ProgrammeOptions = {},
): LabelShare | undefined {
  return boundsOf(label, labelProgramme(label, options), (variable) => schoolWeight(variable, pH))
}
