import { Ajv2020, type ErrorObject } from 'ajv/dist/2020.js'
import addFormats from 'ajv-formats'
import { AcidPlanDto } from '@spudder/contract/acid-plan'
import { CaseDto } from '@spudder/contract/case'
import { EntryDto } from '@spudder/contract/entry'
import { AdviceDto } from '@spudder/contract/advice'
import { DrillDto } from '@spudder/contract/drill'
import { EyeSittingDto } from '@spudder/contract/eye'
import { JarTestDto } from '@spudder/contract/jar-test'
import { JobDto } from '@spudder/contract/job'
import { LookDto } from '@spudder/contract/look'
import { PhotoDto } from '@spudder/contract/photo'
import { PlaceDto } from '@spudder/contract/place'
import { ReadingDto } from '@spudder/contract/reading'
import { RemedyDto } from '@spudder/contract/remedy'
import { ProductDto } from '@spudder/contract/shelf'
import { SprayerDto } from '@spudder/contract/sprayer'
import { StandDto } from '@spudder/contract/stand'
import { StoryEventDto } from '@spudder/contract/story'
import { TrialDto } from '@spudder/contract/trial'
import { checkDto } from '@spudder/contract/validation'
import { ZoneDto } from '@spudder/contract/zone'
import { archiveSchema } from './archive-format.ts'
import { archiveTables } from './archive-tables.repository.ts'
import { notRight, type Files } from './open-archive.ts'

type Row = Readonly<Record<string, unknown>>
export interface ArchiveContent {
  readonly tables: Readonly<Record<string, readonly Row[]>>
  readonly photos: readonly { readonly id: string; readonly file: string }[]
}

const ajv = new Ajv2020({ allErrors: false, strict: false })
addFormats.default(ajv)
const fits = ajv.compile<ArchiveContent>(archiveSchema(archiveTables))

/** "reading 3, value": where in the content something is, for people. */
function placeOf({ instancePath, params }: ErrorObject): string {
  const [, part = '', table = '', row, field] = instancePath.split('/')
  const missing = (params as { missingProperty?: string }).missingProperty
  const surplus = (params as { additionalProperty?: string }).additionalProperty
  const at = part === 'tables' ? [table, row && `row ${Number(row) + 1}`, field] : [part, table]
  return [...at, missing ?? surplus].filter((each) => each !== undefined && each !== '').join(', ')
}

/** What the answers of the API have to be like; rows of an archive are no worse. */
const classes: Readonly<Record<string, new () => object>> = {
  place: PlaceDto,
  product: ProductDto,
  sprayer: SprayerDto,
  jarTest: JarTestDto,
  drill: DrillDto,
  eyeSitting: EyeSittingDto,
  stand: StandDto,
  case: CaseDto,
  reading: ReadingDto,
  event: StoryEventDto,
  look: LookDto,
  advice: AdviceDto,
  trial: TrialDto,
  zone: ZoneDto,
  remedy: RemedyDto,
  acidPlan: AcidPlanDto,
  job: JobDto,
  entry: EntryDto,
  photo: PhotoDto,
}

const isEmpty = (value: unknown): boolean => value === null || value === undefined

/** Values that no form would take: out of bounds, unreadable, of another kind. */
function requirePossible(table: string, rows: readonly Row[]): void {
  const form = classes[table]
  if (!form) return
  for (const [index, row] of rows.entries()) {
    const said = Object.fromEntries(Object.entries(row).filter(([, value]) => !isEmpty(value)))
    const checked = checkDto(form, said)
    if (checked.ok) continue
    // What an answer has and a row has not, as a title, is no fault of the row.
    const wrong = checked.fields.find(({ field, message }) => {
      const [name = ''] = field.split('.')
      return name in said && !/should not exist/.test(message)
    })
    if (wrong) throw notRight(`${table}, row ${index + 1}: ${wrong.message}`)
  }
}

/** What a row of a table names by id, and in which table that has to be. */
const names: Readonly<Record<string, string>> = {
  placeId: 'place',
  standId: 'stand',
  mergedIntoId: 'stand',
  caseId: 'case',
  remedyId: 'remedy',
  acidPlanId: 'acidPlan',
  afterJobId: 'job',
  jobId: 'job',
  productId: 'product',
  sprayerId: 'sprayer',
  trialId: 'trial',
  entryId: 'entry',
  correctsId: 'entry',
}

function requireNamed(tables: ArchiveContent['tables']): void {
  const ids = new Map<string, Set<unknown>>()
  for (const [table, rows] of Object.entries(tables)) {
    const own = new Set(rows.map(({ id }) => id))
    if (rows.some(({ id }) => id !== undefined) && own.size < rows.length)
      throw notRight(`${table}: two rows have one id.`)
    ids.set(table, own)
  }
  for (const [table, rows] of Object.entries(tables)) {
    for (const [index, row] of rows.entries()) {
      for (const [field, other] of Object.entries(names)) {
        const id = row[field]
        if (isEmpty(id) || ids.get(other)?.has(id)) continue
        throw notRight(`${table}, row ${index + 1}: its ${other} is not in the archive.`)
      }
    }
  }
}

function requirePhotos({ tables, photos }: ArchiveContent, files: Files): void {
  const told = new Set(photos.map(({ id }) => id))
  const kept = (tables['photo'] ?? []).map(({ id }) => String(id))
  if (kept.length !== told.size || kept.some((id) => !told.has(id)))
    throw notRight('its photos are not those of its list.')
  for (const { file } of photos) if (!files.has(file)) throw notRight(`${file} is missing.`)
}

/**
 * The content of an archive, as every table, form and name in it has to be.
 * @throws {ServiceError} invalid-body, with the table, row and field of the first thing that is wrong
 */
export function checkArchive(content: unknown, files: Files): ArchiveContent {
  if (!fits(content)) {
    const [error] = fits.errors ?? []
    throw notRight(
      `${error ? `${placeOf(error)}: ${error.message ?? 'is wrong'}` : 'it is wrong'}.`,
    )
  }
  const { tables } = content
  if (tables['place']?.length !== 1) throw notRight('it has to hold one place.')
  for (const [table, rows] of Object.entries(tables)) requirePossible(table, rows)
  requireNamed(tables)
  requirePhotos(content, files)
  return content
}
