import { IsIn } from 'class-validator'
import { sizeBounds, sizeKinds, type SizeKind, type StandSize } from '@spudder/core/stand/plant'
import { Bounded, NeededIf } from '../validation/index.ts'

const needs =
  (...kinds: SizeKind[]) =>
  (size: StandSizeDto) =>
    kinds.includes(size.kind)

/** Size of a stand; which measures it needs follows from its kind. */
export class StandSizeDto {
  @IsIn(sizeKinds, { message: `Size: choose ${sizeKinds.join(', ')}.` }) kind!: SizeKind
  @NeededIf(needs('area')) @Bounded('Area', sizeBounds.areaM2) areaM2?: number
  @NeededIf(needs('trunks', 'pots')) @Bounded('Number', sizeBounds.count) count?: number
  @NeededIf(needs('trunks')) @Bounded('Trunk diameter', sizeBounds.diameterM) diameterM?: number
  @NeededIf(needs('pots')) @Bounded('Pot', sizeBounds.potL) potL?: number
  @NeededIf(needs('solution')) @Bounded('Solution', sizeBounds.volumeL) volumeL?: number
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
