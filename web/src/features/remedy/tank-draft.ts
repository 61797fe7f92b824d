/** Something else in the tank, as typed. */
export interface PartnerDraft {
  kindId: string
  name: string
  dose: string
}

/** What is typed about sprayer, tank, water and partners; it survives a reload. */
export const freshTankDraft = () => ({
  sprayerId: '',
  tank: '',
  partners: [] as PartnerDraft[],
  /** Hours until it is watered in, where a partner wants that. */
  waterInAfterH: '',
  /** Empty: the water is taken as it comes. */
  acidId: '',
  alkalinity: '',
  waterPH: '',
  targetPH: '5.5',
})
export type TankDraft = ReturnType<typeof freshTankDraft>
