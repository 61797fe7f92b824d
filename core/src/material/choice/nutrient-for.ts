import type { TreatmentId } from '../../verdict/diagnosis/index.ts'
import type { OtherNutrient } from '../source/index.ts'

const others: Readonly<Partial<Record<TreatmentId, OtherNutrient>>> = {
  manganese: 'Mn',
  zinc: 'Zn',
  magnesium: 'Mg',
}

/** The nutrient that a treatment asks sources of; iron where it asks none of the others. */
export const nutrientFor = (treatment: TreatmentId): 'Fe' | OtherNutrient =>
  others[treatment] ?? 'Fe'
