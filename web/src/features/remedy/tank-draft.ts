/** Something else in the tank, as typed. */
export interface PartnerDraft {
  kindId: string
  name: string
  dose: string
  /** Put out by itself, since it must be watered in and the iron must not. */
  isApart?: boolean
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
