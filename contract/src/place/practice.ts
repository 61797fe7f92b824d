/**
 * Devices and services that ship as simulated stand-ins. In a place of people's own each is off until
 * it is switched on: what was made up never mixes unasked with what was measured.
 */
export const practiceDevices = ['weather', 'pHPen', 'leafMeter', 'laboratory'] as const
export type PracticeDevice = (typeof practiceDevices)[number]
