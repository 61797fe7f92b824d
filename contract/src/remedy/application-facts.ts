import type { ApplicationFacts, ChosenApplication } from '@spudder/core/apply/application'
import { loopStateOf } from '@spudder/core/apply/dose'
import { dropsOf, type SprayerSetup } from '@spudder/core/apply/sprayer'
import type { JarTest } from '@spudder/core/apply/work'
import type { Day } from '@spudder/core/base/calendar'
import type { LabelFigure, Rate } from '@spudder/core/material/rate'
import type { Reading } from '@spudder/core/seen/reading'
import {
  plantOf,
  standKindOf,
  type AsGrown,
  type Context,
  type StandSize,
  type StandMeasures,
} from '@spudder/core/stand/plant'
import type { CreateRemedyDto } from './remedy.dto.ts'

/** What is known before anything is chosen, as it is stored and as it travels. */
export interface KnownOfApplication {
  readonly stand: {
    readonly context: Context
    readonly plantId: string
    readonly size: StandSize
    readonly measures: (StandMeasures & AsGrown) | null
  }
  readonly product:
    | {
        readonly name: string
        readonly densityKgPerL: number | null
        readonly labelMaximum: LabelFigure | null
      }
    | undefined
  readonly setup: SprayerSetup | undefined
  readonly jarTests: readonly JarTest[]
  /** Of the stand, in the order of their days. */
  readonly readings: readonly Pick<Reading, 'kind' | 'value' | 'takenOn'>[]
  readonly today: Day
  readonly maxC: number | undefined
}

/** The facts of an application: what is known, and what is chosen. */
export const applicationFacts = (
  { stand, product, setup, jarTests, readings, today, maxC }: KnownOfApplication,
  chosen: ChosenApplication,
): ApplicationFacts => ({
  stand: { ...standKindOf(stand), size: stand.size, measures: stand.measures ?? {} },
  ground: {
    pH: readings.findLast(({ kind }) => kind === 'pH')?.value,
    plantPH: plantOf(stand).pHRange,
    takesIronEasily: plantOf(stand).ironEfficiency === 'efficient',
  },
  product: product && {
    name: product.name,
    weighedKgPerL: product.densityKgPerL ?? undefined,
    labelMaximum: product.labelMaximum ?? undefined,
  },
  drop: setup && dropsOf(setup),
  jarTests,
  loop: loopStateOf(readings, today),
  maxC,
  chosen,
})

/** A field of a request where there is a value; what nobody gave is left out. */
const given = <Name extends string, Value>(name: Name, value: Value | undefined) =>
  value === undefined ? {} : { [name]: value }

/**
 * The fields of a request that say what is chosen: the way back is {@link chosenOf}. Partners without
 * a name are not put in yet.
 */
export function requestOf(chosen: ChosenApplication) {
  const partners = chosen.partners.filter(({ name }) => name.trim() !== '')
  return {
    route: chosen.route,
    sourceId: chosen.sourceId,
    rateId: chosen.rate.id,
    rateValue: chosen.rateValue,
    contentShare: chosen.contentShare,
    ...given('carrierValue', chosen.carrierValue),
    ...given('weighedKgPerL', chosen.weighedKgPerL),
    ...given('tankL', chosen.tankL),
    ...given('conditioning', chosen.conditioning),
    ...given('partners', partners.length > 0 ? partners : undefined),
    ...given('waterInAfterH', chosen.waterInAfterH),
    ...given('presentIronMgPerL', chosen.presentIronMgPerL),
    ...given('doseDays', chosen.doseDays),
    ...given('why', chosen.why),
  }
}

/** What a request chooses, in the terms of the core. */
export const chosenOf = (dto: CreateRemedyDto, rate: Rate): ChosenApplication => ({
  route: dto.route,
  sourceId: dto.sourceId,
  rate,
  rateValue: dto.rateValue,
  carrierValue: dto.carrierValue,
  contentShare: dto.contentShare,
  weighedKgPerL: dto.weighedKgPerL,
  scoopKg: undefined,
  tankL: dto.tankL,
  conditioning: dto.conditioning,
  partners: dto.partners ?? [],
  waterInAfterH: dto.waterInAfterH,
  presentIronMgPerL: dto.presentIronMgPerL,
  doseDays: dto.doseDays,
  why: dto.why,
})
