import type { Dab, PhotoMeasure } from '@spudder/core/seen/photo'
import type { PhotoMeasureDto, PhotoPart } from './measure.dto.ts'

const share = (value: number): number =>
  Number.isFinite(value) ? Math.min(1, Math.max(0, value)) : 0

/** What is kept of a measure: everything but the map, which is drawn anew when it is wanted. */
export function keptMeasure(
  measure: PhotoMeasure,
  dabs: readonly Dab[],
  part: PhotoPart,
  takenOn?: string,
): PhotoMeasureDto {
  return {
    darkGreenIndex: share(measure.darkGreenIndex),
    doubt: share(measure.doubt),
    greenness: share(measure.greenness),
    greennessDoubt: share(measure.greennessDoubt),
    cover: share(measure.cover),
    veinContrast: share(measure.veinContrast),
    severityShares: [...measure.severityShares],
    remarks: measure.remarks.map(({ id }) => id),
    isComparable: !measure.remarks.some(({ refuses }) => refuses),
    dabs: dabs.map((dab) => ({ ...dab })),
    part,
    ...(takenOn === undefined ? {} : { takenOn }),
  }
}
