import type { RemedyDto } from '@spudder/contract/remedy'
import { appliedName } from '@spudder/core/material/shelf'
import { toDto } from '../http/to-dto.ts'
import type { RemedyRow } from './remedy.repository.ts'

/** A remedy as it travels: with the name of what is applied, as it is today. */
export const remedyDto = (row: RemedyRow, productName: string | null): RemedyDto => ({
  ...toDto(row),
  appliedName: appliedName({ sourceId: row.sourceId, productName }),
})
