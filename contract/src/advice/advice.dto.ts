import { IsUUID } from 'class-validator'
import { IsNewId, IsPastDay, Named, mendable } from '../validation/index.ts'

/** What an adviser has to say of a stand and its verdict. */
export class AdviceForm {
  @IsPastDay('Day') givenOn!: string
  @Named('Note', 2000) words!: string
}

export class CreateAdviceDto extends AdviceForm {
  @IsNewId() id!: string
}

export class AdviceDto extends mendable(AdviceForm, []) {
  @IsUUID() id!: string
  @IsUUID() standId!: string
}
