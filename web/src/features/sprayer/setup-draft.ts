import type { SprayerSetupDto } from '@spudder/contract/sprayer'
import { CoreError } from '@spudder/core/base/error'
import {
  formatNumber,
  parseQuantity,
  quantityOf,
  valueIn,
  type Dimension,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import type { NozzleKind, SprayerKind } from '@spudder/core/apply/sprayer'

/** A sprayer as it is typed. */
export const freshSetupDraft = (system: UnitSystem) => ({
  id: crypto.randomUUID() as string,
  /** The sprayer that is changed; empty for a new one. */
  editing: '',
  name: '',
  kind: 'backpack' as SprayerKind | undefined,
  tank: system === 'us' ? '4 gal' : '15 L',
  nozzleKind: 'flat-fan' as NozzleKind,
  nozzleSize: '03',
  nozzleCount: '1',
  spacing: system === 'us' ? '20 in' : '50 cm',
  pressure: system === 'us' ? '40 psi' : '3 bar',
  speed: system === 'us' ? '4 mph' : '6 km/h',
  ratio: '100',
})
export type SetupDraft = ReturnType<typeof freshSetupDraft>

/** A set-up as read, or what is wrong in which field. */
interface ReadSetup {
  readonly setup: Readonly<Record<string, unknown>>
  readonly problems: Readonly<Record<string, string>>
}

/** Reads a set-up from what is typed; bounds are the request's to check. */
export function readSetup(draft: SetupDraft): ReadSetup {
  const problems: Record<string, string> = {}
  const quantity = (field: keyof SetupDraft, dimension: Dimension, unit: string) => {
    try {
      return valueIn(parseQuantity(draft[field] ?? '', dimension), unit)
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      problems[field] = `Give ${error.expected}.`
      return undefined
    }
  }
  const kind = draft.kind ?? 'backpack'
  const base = { kind, tankL: quantity('tank', 'volume', 'L') }
  if (kind === 'injector') return { setup: { ...base, ratio: Number(draft.ratio) }, problems }
  if (kind !== 'boom') return { setup: base, problems }
  return {
    setup: {
      ...base,
      nozzleKind: draft.nozzleKind,
      nozzleSize: draft.nozzleSize,
      nozzleCount: Number(draft.nozzleCount),
      spacingM: quantity('spacing', 'length', 'm'),
      pressureBar: quantity('pressure', 'pressure', 'bar'),
      speedKmPerH: quantity('speed', 'length/time', 'km/h'),
    },
    problems,
  }
}

/** A stored set-up as somebody of the place would type it. */
export function draftOfSetup(setup: SprayerSetupDto, system: UnitSystem): Partial<SetupDraft> {
  const isUs = system === 'us'
  const said = (value: number | undefined, from: string, us: string, metric: string) => {
    const unit = isUs ? us : metric
    return `${formatNumber(valueIn(quantityOf(value ?? 0, from), unit))} ${unit}`
  }
  const tank = said(setup.tankL, 'L', 'gal', 'L')
  if (setup.kind === 'injector') return { kind: setup.kind, tank, ratio: String(setup.ratio) }
  if (setup.kind !== 'boom') return { kind: setup.kind, tank }
  return {
    kind: setup.kind,
    tank,
    nozzleKind: setup.nozzleKind ?? 'flat-fan',
    nozzleSize: setup.nozzleSize ?? '03',
    nozzleCount: String(setup.nozzleCount ?? 1),
    spacing: said(setup.spacingM, 'm', 'in', 'cm'),
    pressure: said(setup.pressureBar, 'bar', 'psi', 'bar'),
    speed: said(setup.speedKmPerH, 'km/h', 'mi/h', 'km/h'),
  }
}
