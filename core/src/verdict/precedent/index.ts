export { casesLike, likenessDerivation } from './cases-like.ts'
export type { CauseChance, ComparedCase, LikeCase, PastCase } from './cases-like.ts'
