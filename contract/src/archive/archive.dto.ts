import { IsUUID } from 'class-validator'
import { Named } from '../validation/index.ts'

/** Two places that are one: what the other holds stands at this one from now on. */
export class PutTogetherDto {
  @IsUUID('all', { message: 'Place: choose another one.' }) otherId!: string
  @Named('Why', 500) reason!: string
}
