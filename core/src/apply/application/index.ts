export { densityOfProduct, calculatedDensity } from './density.ts'
export type { ApplicationFacts, ChosenApplication, Conditioning } from './facts.ts'
export { planApplication, sameAmount } from './plan-application.ts'
export type { Application } from './plan-application.ts'
