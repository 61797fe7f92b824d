import type { Figure } from '../../../base/reference/index.ts'

/** Free lime up to which acidifying works, and up to which it takes patience. */
export const limeThatWorks: Figure = {
  value: 0.25,
  unit: '%',
  source: 'about 1,600 lb sulfur/acre for the lime alone; more seldom pays',
  mark: 'J',
}
export const limeWithPatience: Figure = {
  value: 1,
  unit: '%',
  source: '1 % is 6,400 lb sulfur/acre before pH moves (derived); over 1 to 2 % practice gives up',
  mark: 'C',
}
/** A pH known worse than this is measured anew first. */
export const pHDoubtToAct: Figure = {
  value: 0.45,
  unit: 'pH',
  source: 'a reading half a pH off is half of most plans off',
  mark: 'J',
}
/** Roots that live there are harmed by ground more acid than this. */
export const harmsRootsBelow: Figure = {
  value: 4,
  unit: 'pH',
  source: 'below pH 4 acid and aluminium harm roots, those of acid-loving shrubs too',
  mark: 'J',
}
/** Years of steps up to which it works, and up to which anybody waits. */
export const yearsThatWork: Figure = {
  value: 3,
  unit: 'years',
  source: 'a plan that outlasts three seasons is seldom kept to',
  mark: 'J',
}
export const yearsWithPatience: Figure = {
  value: 8,
  unit: 'years',
  source: 'longer than most plantings wait',
  mark: 'J',
}
/** Share of a year’s acid that the lime of the water may eat before it has to be tamed first. */
export const waterThatMatters: Figure = {
  value: 0.5,
  unit: '',
  source: 'when half of each step only pays for the water, the water comes first',
  mark: 'J',
}

/** What to do where acid is lost on the ground; the surest first. */
export const insteadOfAcid = [
  'A plant or variety that bears lime.',
  'Another root zone: a raised bed, a pit or a pot of acid mix on a liner.',
  'Live with it: a chelate that holds at this pH each spring (EDDHA).',
  'Tame the water, where its alkalinity adds more lime each year.',
] as const
