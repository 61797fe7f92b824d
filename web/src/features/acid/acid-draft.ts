import { formatDecimals, typedNumber } from '@spudder/core/base/writing'
import type { AcidPlanDto } from '@spudder/contract/acid-plan'
import type { AcidStep, Situation } from '@spudder/core/soil/acid-plan'
import type { Context } from '@spudder/core/stand/plant'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import type { BufferTest, Fizz, FizzAcid, TextureName } from '@spudder/core/soil/soil'
import { firstAmendment, type SourceId } from '@spudder/core/material/source'

/** What is typed and dragged on the acid plan, as typed; it survives a reload. */
export interface AcidDraft {
  id: string
  /** Ids of the jobs that steps and retests become, as many as were needed. */
  jobIds: string[]
  texture: TextureName | ''
  fizz: Fizz | undefined
  fizzAcid: FizzAcid | undefined
  depth: string
  situation: Situation
  targetPH: string
  bufferTest: BufferTest | ''
  titrated: string
  sourceId: SourceId
  price: string
  /** Nitrogen a year that is fed as ammonium sulfate. */
  nitrogen: string
  waterMm: string
  alkalinity: string
  waterPH: string
  acidId: string
  /** Whether acid brings the water to a pH or leaves an alkalinity. */
  acidAim: 'alkalinity' | 'pH'
  leaveAlkalinity: string
  bringToPH: string
  stock: string
  ratio: string
  /** Steps as dragged; null while they are laid out by themselves. */
  steps: AcidStep[] | null
  /** Whether a plan under way is left and a new one begun from the newest pH. */
  isAnew: boolean
  note: string
}

/** Mown short for bowls and putting, and dressed with small steps. */
const greenGrass = 'creeping-bentgrass'
const situationOf: Readonly<Partial<Record<Context, Situation>>> = {
  turf: 'turf',
  'row-crop': 'bare',
  container: 'pot',
}
/** Depth that is usual to work or to wait for, as it is said. */
const depthOf: Readonly<Record<Situation, Readonly<Record<UnitSystem, string>>>> = {
  bare: { us: '7 in', metric: '18 cm' },
  pit: { us: '12 in', metric: '30 cm' },
  holes: { us: '12 in', metric: '30 cm' },
  turf: { us: '4 in', metric: '10 cm' },
  green: { us: '4 in', metric: '10 cm' },
  bed: { us: '6 in', metric: '15 cm' },
  pot: { us: '8 in', metric: '20 cm' },
}

interface DraftFacts {
  readonly context: Context
  readonly plantId: string
  readonly system: UnitSystem
  /** How deep most roots go, where somebody looked [m]. */
  readonly rootDepthM: number | undefined
  readonly plan: AcidPlanDto | undefined
  /** Middle of the pH that the plant likes. */
  readonly likedPH: number
  readonly fizz: Fizz | undefined
  readonly water: { readonly alkalinity?: number | undefined; readonly pH?: number | undefined }
}

const text = (value: number | undefined): string => (value === undefined ? '' : typedNumber(value))

/** A draft that begins from the plan that holds, else from what is usual for such a stand. */
export function freshAcidDraft(facts: DraftFacts): AcidDraft {
  const { context, plantId, system, plan, likedPH, fizz, water } = facts
  const usual = plantId === greenGrass ? 'green' : situationOf[context]
  const situation = plan?.situation ?? usual ?? 'bed'
  const ground = plan?.ground
  const depthM = ground?.depthM ?? facts.rootDepthM
  return {
    id: crypto.randomUUID(),
    jobIds: [],
    texture: ground?.texture ?? (context === 'container' ? 'potting-mix' : ''),
    fizz: ground?.fizz ?? fizz,
    fizzAcid: ground?.fizzAcid,
    depth:
      depthM === undefined ? depthOf[situation][system] : amountWords('length', depthM, system, 3),
    situation,
    targetPH: formatDecimals(plan?.targetPH ?? likedPH, 1),
    bufferTest: ground?.bufferTest ?? '',
    titrated: text(ground?.titratedMmol),
    sourceId: plan?.steps[0]?.sourceId ?? firstAmendment('down'),
    price: '',
    nitrogen: '',
    waterMm: plan?.water ? amountWords('length', plan.water.mmPerYear / 1000, system, 3) : '',
    alkalinity: text(plan?.water?.alkalinityMgPerLCaCO3 ?? water.alkalinity),
    waterPH: text(water.pH ?? 7.6),
    acidId: plan?.water?.acidId ?? '',
    acidAim: 'alkalinity',
    bringToPH: '5.8',
    leaveAlkalinity: text(plan?.water?.leftMgPerLCaCO3 ?? 50),
    stock: system === 'us' ? '5 gal' : '20 L',
    ratio: '100',
    steps: null,
    isAnew: false,
    note: '',
  }
}
