import type { AimId } from '@spudder/core/material/choice'
import type { Route } from '@spudder/core/stand/plant'
import { today } from '../../shared/units/today.ts'
import { usualSoilWater } from './soil-water.ts'
import { freshTankDraft } from './tank-draft.ts'

/** What is typed of a remedy, as typed; it survives a reload. */
export const freshRemedyDraft = (route: Route) => ({
  id: crypto.randomUUID() as string,
  route: route as Route | undefined,
  aim: undefined as AimId | undefined,
  offerId: undefined as string | undefined,
  rateId: '',
  rate: '',
  carrier: '',
  ...freshTankDraft(),
  doseDays: '',
  contentPercent: '',
  applyOn: today(),
  lasting: '',
  why: '',
  repeats: '0',
  hasStrip: false,
  retestOn: '',
  soilWater: usualSoilWater,
  light: 'covered' as 'covered' | 'clear',
})

export type RemedyDraft = ReturnType<typeof freshRemedyDraft>
