import type { Day } from '../../base/calendar/index.ts'
import type { Reading } from '../reading/index.ts'
import type { Dab } from './mask.ts'
import type { PhotoMeasure } from './photo-measure.ts'

/** Which part of a stand a photo shows, as far as it decides what it is compared with. */
export const photoParts = ['whole', 'untreated', 'no-nitrogen'] as const
export type PhotoPart = (typeof photoParts)[number]

/** What is kept of a measured photo. */
export interface KeptMeasure {
  readonly darkGreenIndex: number
  readonly doubt: number
  readonly greenness: number
  readonly greennessDoubt: number
  readonly cover: number
  readonly veinContrast: number
  readonly severityShares: number[]
  /** Ids of what stands against it. */
  readonly remarks: string[]
  readonly isComparable: boolean
  readonly dabs: Dab[]
  readonly part: PhotoPart
  readonly takenOn?: Day
}

const share = (value: number): number =>
  Number.isFinite(value) ? Math.min(1, Math.max(0, value)) : 0

/** What is kept of a measure: everything but the map, which is drawn anew when it is wanted. */
export function keptMeasure(
  measure: PhotoMeasure,
  dabs: readonly Dab[],
  part: PhotoPart,
  takenOn?: Day,
): KeptMeasure {
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

/**
 * The reading that a measured photo is of its stand; undefined where it cannot be compared.
 * @param takenOn the day it counts for
 */
export function readingOfPhoto(
  {
    isComparable,
    part,
    greenness,
    greennessDoubt,
  }: Pick<KeptMeasure, 'isComparable' | 'part' | 'greenness' | 'greennessDoubt'>,
  takenOn: Day,
): (Reading & { readonly instrument: string }) | undefined {
  if (!isComparable) return undefined
  return {
    kind: 'photoGreenness',
    value: greenness,
    method: 'photo',
    takenOn,
    place: part === 'whole' ? null : part,
    doubt: greennessDoubt,
    instrument: 'camera and colour card',
  }
}
