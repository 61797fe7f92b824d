import { localeTags, type LocaleTag } from '@spudder/core/base/writing'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator'
import {
  dropKitNames,
  ironSchoolNames,
  type DropKitName,
  type IronSchoolName,
} from '@spudder/core/seen/reading'
import { climateNames, type Climate } from '@spudder/core/soil/climate'
import {
  currencyCodes,
  type Currency,
  unitSystems,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import { LaboratoryMapDto } from '../laboratory/index.ts'
import { practiceDevices, type PracticeDevice } from './practice.ts'
import type { StationColumns } from '@spudder/core/days/station'
import { intervalClocks, type IntervalClock } from '@spudder/core/days/task'
import {
  Bounded,
  changeable,
  changes,
  IsDay,
  IsNewId,
  IsPastDay,
  Named,
} from '../validation/index.ts'

class PlaceForm {
  @Named('Name') name!: string
  @IsIn(unitSystems, { message: 'Units: choose US or metric.' }) unitSystem!: UnitSystem
  @IsIn(climateNames, { message: `Climate: choose ${climateNames.join(', ')}.` }) climate!: Climate
}

const onEarth = { min: -66, max: 66, unit: '°' }

export class CreatePlaceDto extends PlaceForm {
  @IsNewId() id!: string
  /** South negative; absent: not known yet [°]. */
  @IsOptional() @Bounded('Latitude', onEarth) latitude?: number
}

/** What is changed of a place; what is left out stays. */
export class ChangePlaceDto extends changes(PlaceForm) {
  /** Put away: out of the list of places, with all that was recorded there. */
  @IsOptional() @IsBoolean({ message: 'Archived: give yes or no.' }) isArchived?: boolean
}

/** The water that sprays and drenches are mixed with, by its test. */
export class SprayWaterDto {
  @Bounded('Alkalinity', { min: 0, max: 1500, unit: 'mg/L CaCO3' }) alkalinityMgPerLCaCO3!: number
  @Bounded('pH of the water', { min: 4, max: 10 }) pH!: number
}

const perHa = { min: 0, max: 5000, unit: 'kg/ha' }

/** Most of each nutrient in a season by local rule, in place of ours. */
export class SeasonLimitsDto {
  @IsOptional() @Bounded('Iron', perHa) Fe?: number
  @IsOptional() @Bounded('Nitrogen', perHa) N?: number
  @IsOptional() @Bounded('Sulfur', perHa) S?: number
  @IsOptional() @Bounded('Manganese', perHa) Mn?: number
  @IsOptional() @Bounded('Zinc', perHa) Zn?: number
}

/** Days on which no fertiliser may go out, by local rule. */
export class BlackoutDto {
  @IsDay('Blackout from') from!: string
  @IsDay('Blackout until') to!: string
  @Named('Why', 120) words!: string
}

/** What the planner has to know of a place: its crew, its money, its rules. */
export class WorkSettingsDto {
  /** Hours of work that the crew has, Monday to Sunday. */
  @IsOptional()
  @IsArray({ message: 'Hours of the crew: give seven, Monday to Sunday.' })
  @ArrayMinSize(7, { message: 'Hours of the crew: give seven, Monday to Sunday.' })
  @ArrayMaxSize(7, { message: 'Hours of the crew: give seven, Monday to Sunday.' })
  @Min(0, { each: true, message: 'Hours of the crew: 0 or more a day.' })
  @Max(1000, { each: true, message: 'Hours of the crew: at most 1000 a day.' })
  crewHours?: number[]
  @IsOptional()
  @Bounded('Cost of a trip', { min: 0, max: 1e5, unit: 'of your money' })
  tripCost?: number
  @IsOptional()
  @Bounded('Days from ordering to having it', { min: 0, max: 365, unit: 'days' })
  leadDays?: number
  /** What repeats are counted by. */
  @IsOptional()
  @IsIn(intervalClocks, { message: 'Repeats: count by days, growth or mowings.' })
  intervalBy?: IntervalClock
  @IsOptional()
  @IsArray({ message: 'Blackouts: give a list.' })
  @ArrayMaxSize(60, { message: 'Blackouts: at most 60.' })
  @ValidateNested({ each: true })
  @Type(() => BlackoutDto)
  blackouts?: BlackoutDto[]
}

/** Which column of the station's files is what, where their headings do not say. */
export class StationColumnsDto {
  @Named('Day', 80) day!: string
  @IsOptional() @Named('Hour', 80) hour?: string
  /** Heading by what it holds. */
  @IsObject({ message: 'Columns: say which is what.' })
  headings!: StationColumns['headings']
  /** Unit by what stands in it. */
  @IsObject({ message: 'Units: say which stand in the columns.' })
  units!: StationColumns['units']
}

/** A leaf colour as it is drawn, and as a screen shows it, from white 0 to the deepest green 1. */
class ScreenPointDto {
  @Bounded('Drawn', { min: 0, max: 1 }) greenness!: number
  @Bounded('Shown', { min: -1, max: 2 }) shown!: number
}

/** A screen that was measured by the printed card against a camera. */
class MeasuredScreenDto {
  @Named('Screen', 60) name!: string
  @IsPastDay('Measured on') measuredOn!: string
  @IsArray({ message: 'Screen: give the leaf colours that it showed.' })
  @ArrayMinSize(2, { message: 'Screen: give two leaf colours at least.' })
  @ArrayMaxSize(20, { message: 'Screen: give twenty leaf colours at most.' })
  @ValidateNested({ each: true })
  @Type(() => ScreenPointDto)
  points!: ScreenPointDto[]
  @Bounded('Doubt of the screen', { min: 0, max: 1 }) doubt!: number
}

/** What is asked once at a place and kept: schools, kits, how a laboratory heads its columns. */
export class PlaceSettingsDto {
  /** South negative; absent: nobody said, and the date says nothing of plants [°]. */
  @IsOptional() @Bounded('Latitude', onEarth) latitude?: number
  /** What is paid in; absent: what is usual where people count as they do here. */
  @IsOptional()
  @IsIn(currencyCodes, { message: 'Money: choose one of the list.' })
  currency?: Currency
  /** How numbers and days are written; absent: as usual. */
  @IsOptional()
  @IsIn(localeTags, { message: 'Numbers and days: choose one of the list.' })
  locale?: LocaleTag
  @IsOptional()
  @IsIn(ironSchoolNames, { message: 'Soil iron: choose one of the schools.' })
  ironSchool?: IronSchoolName
  @IsOptional()
  @IsArray({ message: 'Kits: give the kits in use.' })
  @IsIn(dropKitNames, { each: true, message: 'Kits: choose kits of the list.' })
  kits?: DropKitName[]
  @IsOptional()
  @IsArray({ message: 'Laboratories: give how each is read.' })
  @ValidateNested({ each: true })
  @Type(() => LaboratoryMapDto)
  laboratories?: LaboratoryMapDto[]
  @IsOptional()
  @IsObject({ message: 'Water: give alkalinity and pH.' })
  @ValidateNested()
  @Type(() => SprayWaterDto)
  sprayWater?: SprayWaterDto
  @IsOptional()
  @IsObject({ message: 'Limits: give kg/ha a nutrient.' })
  @ValidateNested()
  @Type(() => SeasonLimitsDto)
  seasonLimits?: SeasonLimitsDto
  /** Where hours of weather are fetched; empty or absent: nowhere. */
  @IsOptional()
  @IsString({ message: 'Weather: give an address.' })
  @Matches(/^(https?:\/\/\S{1,300})?$/, {
    message: 'Weather: give an address such as http://weather.example/hours.',
  })
  weatherFrom?: string
  @IsOptional()
  @IsObject({ message: 'Columns of the station: say which is what.' })
  @ValidateNested()
  @Type(() => StationColumnsDto)
  stationColumns?: StationColumnsDto
  /** Stand-ins that are switched on; absent: none. */
  @IsOptional()
  @IsArray({ message: 'Practice devices: give those that are on.' })
  @IsIn(practiceDevices, { each: true, message: 'Practice devices: choose of the list.' })
  practice?: PracticeDevice[]
  /** Whether readings that are made up count in verdicts; absent: they do not. */
  @IsOptional()
  @IsBoolean({ message: 'Made-up readings: say whether they count.' })
  countsMadeUp?: boolean
  /** Whether ratings are taken as they were said, whatever eye gave them; absent: they are put right. */
  @IsOptional()
  @IsBoolean({ message: 'Ratings: say whether they are taken as they were said.' })
  takesAsSaid?: boolean
  /** Whether answers of leaves are expected as this place taught; absent: as published. */
  @IsOptional()
  @IsBoolean({ message: 'Learning: say whether what the place taught counts.' })
  learns?: boolean
  /** Screens on which pictures are rated, as far as they were measured. */
  @IsOptional()
  @IsArray({ message: 'Screens: give a list.' })
  @ArrayMaxSize(30, { message: 'Screens: at most 30.' })
  @ValidateNested({ each: true })
  @Type(() => MeasuredScreenDto)
  screens?: MeasuredScreenDto[]
  @IsOptional()
  @IsObject({ message: 'Work: give crew, trips and blackouts.' })
  @ValidateNested()
  @Type(() => WorkSettingsDto)
  work?: WorkSettingsDto
}

/** Settings that are changed; the others stay. */
export class ChangeSettingsDto extends PlaceSettingsDto {
  /** The state of the place that was seen. */
  @IsOptional() @IsInt({ message: 'Version: give the one that was seen.' }) version?: number
}

/** Whether the calendar of a place has an address; said again, it gets another. */
export class ShareCalendarDto {
  @IsBoolean({ message: 'Calendar: say whether it is shared.' }) isShared!: boolean
}

export class PlaceDto extends changeable(PlaceForm) {
  @IsUUID() id!: string
  /** What the calendar is subscribed to by; null while it is not shared. */
  @IsOptional() @IsString() calendarToken!: string | null
  @ValidateNested() @Type(() => PlaceSettingsDto) settings!: PlaceSettingsDto
  @IsBoolean() isArchived!: boolean
}
