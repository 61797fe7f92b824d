import { IsIn, ValidateIf } from 'class-validator'
import { sizeBounds, sizeKinds, type SizeKind, type StandSize } from '@spudder/core/stand/plant'
import { Bounded } from '../validation/index.ts'

const needs =
  (...kinds: SizeKind[]) =>
  (size: StandSizeDto) =>
    kinds.includes(size.kind)

/** Size of a stand; which measures it needs follows from its kind. */
export class StandSizeDto {
  @IsIn(sizeKinds, { message: `Size: choose ${sizeKinds.join(', ')}.` }) kind!: SizeKind
  @ValidateIf(needs('area')) @Bounded('Area', sizeBounds.areaM2) areaM2?: number
  @ValidateIf(needs('trunks', 'pots')) @Bounded('Number', sizeBounds.count) count?: number
  @ValidateIf(needs('trunks')) @Bounded('Trunk diameter', sizeBounds.diameterM) diameterM?: number
  @ValidateIf(needs('pots')) @Bounded('Pot', sizeBounds.potL) potL?: number
  @ValidateIf(needs('solution')) @Bounded('Solution', sizeBounds.volumeL) volumeL?: number
}

/** The size as the core takes it; only after validation, which guarantees its measures. */
export function toStandSize(dto: StandSizeDto): StandSize {
  const { kind, areaM2 = 0, count = 0, diameterM = 0, potL = 0, volumeL = 0 } = dto
  switch (kind) {
    case 'area':
      return { kind, areaM2 }
    case 'trunks':
      return { kind, count, diameterM }
    case 'pots':
      return { kind, count, potL }
    case 'solution':
      return { kind, volumeL }
  }
}
