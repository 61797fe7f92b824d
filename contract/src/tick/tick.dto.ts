import { IsBoolean, IsIn, IsInt, IsISO8601, IsString } from 'class-validator'
import { Counted } from '../validation/index.ts'

/** What can be ticked off on a sheet: a fill that is out, a step of its order. */
export const tickParts = ['fill', 'step'] as const
export type TickPart = (typeof tickParts)[number]

/** Ticks a line of a sheet off, or takes the tick back. */
export class TickDto {
  @IsIn(tickParts, { message: 'Part: say fill or step.' }) part!: TickPart
  @Counted('Line', { min: 0, max: 200 }) number!: number
  @IsBoolean({ message: 'Ticked: say yes or no.' }) isTicked!: boolean
  /** When, by the clock of whoever did it: of two, the later one holds. */
  @IsISO8601({ strict: true }, { message: 'At: give a moment.' }) at!: string
}

/** A line of a sheet as it stands, with who said so last. */
export class SheetTickDto {
  @IsIn(tickParts) part!: TickPart
  @IsInt() number!: number
  @IsBoolean() isTicked!: boolean
  @IsISO8601() at!: string
  @IsString() by!: string
}
