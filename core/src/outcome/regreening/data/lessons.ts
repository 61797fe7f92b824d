import type { Figure } from '../../../base/reference/index.ts'

/** Looks that add less than this share to what was known before teach nothing. */
export const saysLittle: Figure = {
  value: 0.15,
  unit: '',
  source: 'below it two moments of the draws are mostly chance',
  mark: 'J',
}
