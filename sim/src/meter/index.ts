export { SimulatedMeter } from './simulated-meter.ts'
export type { MeterFault } from './simulated-meter.ts'
