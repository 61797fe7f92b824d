import type { CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import type { CreateAdviceDto } from '@spudder/contract/advice'
import type { CloseCaseDto } from '@spudder/contract/case'
import type { CreateLaboratoryOrderDto } from '@spudder/contract/laboratory'
import type { CreateLookDto } from '@spudder/contract/look'
import type { CreateJarTestDto } from '@spudder/contract/jar-test'
import type { CreatePlaceDto, PlaceSettingsDto } from '@spudder/contract/place'
import type { CreateReadingDto } from '@spudder/contract/reading'
import type { CreateRemedyDto } from '@spudder/contract/remedy'
import type { CreateProductDto } from '@spudder/contract/shelf'
import type { CalibrationDto, CreateSprayerDto } from '@spudder/contract/sprayer'
import type { CreateStandDto } from '@spudder/contract/stand'
import type { CreateStoryEventDto } from '@spudder/contract/story'
import type { CreateTrialDto } from '@spudder/contract/trial'
import type { CreateZoneDto } from '@spudder/contract/zone'
import type { Exposure, Scene } from '../camera/index.ts'
import type { DemoDrill } from './drills.ts'
import type { DemoSitting } from './raters.ts'

interface Dated {
  /** The day on which somebody stored it. */
  readonly on: string
  readonly by: string
}

/** A photo by the simulated camera, with a colour card in it. */
export interface TakenPhoto {
  readonly photoId: string
  readonly fileName: string
  /** Without the card, which whoever takes it lays in. */
  readonly scene: Omit<Scene, 'card'>
  readonly exposure: Exposure
  readonly part: 'whole' | 'untreated'
}

/** A day on which a trial was rated: the lawn then, and what each treatment had brought it. */
export interface TrialRound {
  readonly ratedOn: string
  readonly base: number
  readonly gains: Readonly<Record<string, number>>
}

/** A trial, and the days it was rated on. */
export interface RatedTrial {
  readonly dto: CreateTrialDto
  readonly rounds: readonly TrialRound[]
}

/** One thing that the staff of the estate did with the product, as a request. */
export type Act = Dated &
  (
    | { readonly kind: 'reading'; readonly dto: CreateReadingDto }
    | { readonly kind: 'event'; readonly dto: CreateStoryEventDto }
    | { readonly kind: 'advice'; readonly dto: CreateAdviceDto }
    | { readonly kind: 'look'; readonly dto: CreateLookDto }
    | { readonly kind: 'remedy'; readonly dto: CreateRemedyDto }
    | { readonly kind: 'acidPlan'; readonly dto: CreateAcidPlanDto }
    | {
        /** Records the next application that is planned for the stand. */
        readonly kind: 'entry'
        readonly entryId: string
        /** What really went out, as a share of what was planned. */
        readonly usedShare: number
        readonly note: string
      }
    | { readonly kind: 'order'; readonly dto: CreateLaboratoryOrderDto }
    | { readonly kind: 'close'; readonly dto: CloseCaseDto }
    | ({ readonly kind: 'photo' } & TakenPhoto)
    | ({ readonly kind: 'trial' } & RatedTrial)
    | { readonly kind: 'zone'; readonly dto: CreateZoneDto }
  )

/** A stand with its year. */
export interface StandHistory {
  readonly stand: CreateStandDto
  /** In the order in which it happened. */
  readonly acts: readonly Act[]
}

/** A sprayer, and what was measured of it. */
export interface EstateSprayer {
  readonly dto: CreateSprayerDto
  readonly calibration?: CalibrationDto
}

export interface EstateHistory {
  readonly place: CreatePlaceDto
  readonly shelf: readonly CreateProductDto[]
  readonly sprayers: readonly EstateSprayer[]
  readonly jarTests: readonly CreateJarTestDto[]
  readonly sittings: readonly DemoSitting[]
  readonly drills: readonly DemoDrill[]
  readonly settings: PlaceSettingsDto
  readonly stands: readonly StandHistory[]
}
