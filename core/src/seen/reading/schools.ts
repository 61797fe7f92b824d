import { requireInRange } from '../../base/error/index.ts'
import { readingKinds } from './data/kinds.ts'
import { ironSchoolNames, ironSchools, type IronSchoolName } from './data/schools.ts'

export type Supply = 'low' | 'marginal' | 'enough'

/** What one school says of a soil iron reading. */
export interface SchoolReading {
  readonly school: IronSchoolName
  readonly says: Supply
  readonly why: string
}

/**
 * Reads soil iron by DTPA as one school does.
 * @param ironMgPerKg DTPA iron [mg/kg]
 * @param manganeseMgPerKg DTPA manganese of the same sample, where known [mg/kg]
 * @throws {CoreError} out-of-range
 */
function readSoilIron(
  school: IronSchoolName,
  ironMgPerKg: number,
  manganeseMgPerKg?: number,
): SchoolReading {
  requireInRange('ironMgPerKg', ironMgPerKg, readingKinds.soilIron)
  const { lowBelow, enoughFrom, aboveManganese } = ironSchools[school]
  const isCrowded =
    aboveManganese && manganeseMgPerKg !== undefined && ironMgPerKg <= manganeseMgPerKg
  if (ironMgPerKg < lowBelow) return { school, says: 'low', why: `under ${lowBelow} mg/kg` }
  if (ironMgPerKg < enoughFrom) {
    return { school, says: 'marginal', why: `${lowBelow} to ${enoughFrom} mg/kg` }
  }
  if (isCrowded) return { school, says: 'marginal', why: `not above manganese` }
  return { school, says: 'enough', why: `${enoughFrom} mg/kg or more` }
}

/**
 * What every school says of the same reading, side by side.
 * @param ironMgPerKg DTPA iron [mg/kg]
 * @param manganeseMgPerKg DTPA manganese, for schools that compare the two [mg/kg]
 */
export function schoolsSideBySide(
  ironMgPerKg: number,
  manganeseMgPerKg?: number,
): readonly SchoolReading[] {
  return ironSchoolNames.map((school) => readSoilIron(school, ironMgPerKg, manganeseMgPerKg))
}
