import { Type } from 'class-transformer'
import { IsArray, IsInt, IsOptional, IsString, ValidateNested } from 'class-validator'

/** A field that was wrong, and what to type instead. */
export class ProblemFieldDto {
  @IsString() field!: string
  @IsString() message!: string
}

/** The one form of every error: RFC 9457 problem details, with the fields that were wrong. */
export class ProblemDto {
  @IsString() type!: string
  @IsString() title!: string
  @IsInt() status!: number
  @IsString() detail!: string
  @IsString() code!: string
  @IsOptional() @IsString() requestId?: string
  /** The state that is stored now, where the sender saw an older one. */
  @IsOptional() @IsInt() version?: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => ProblemFieldDto) fields!: ProblemFieldDto[]
}
