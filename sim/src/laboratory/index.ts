export { SimulatedLaboratory } from './simulated-laboratory.ts'
