import { dayWords } from '@spudder/core/base/calendar'
import type { RecordLineDto } from '@spudder/contract/entry'
import { estateRoutes } from '@spudder/contract/stand'
import { placeUnits, type Currency, type UnitSystem } from '@spudder/core/base/quantity'
import type { StandCost } from '@spudder/core/outcome/record'
import type { TDocumentDefinitions, TableCell } from 'pdfmake/interfaces'
import { call } from '../../api/call.ts'
import { makePdf } from '../../shared/file/make-pdf.ts'
import { photoContent, smallPhoto, type ReportPhoto } from '../../shared/file/report-photos.ts'
import { money } from '../../shared/units/money-words.ts'
import { correctionWords, isStruckThrough, lineWords } from './record-rows.ts'

/** What a season record is printed from. */
export interface PrintedRecord {
  readonly placeName: string
  readonly about: string
  readonly lines: readonly RecordLineDto[]
  /** What the products cost, by stand; undefined for who is shown no prices. */
  readonly costs: { readonly stands: readonly StandCost[]; readonly currency: Currency } | undefined
  readonly system: UnitSystem
  readonly printedOn: string
  /** Taken with the work. */
  readonly photos: readonly ReportPhoto[]
}

const heads = ['Day', 'Stand', 'Product', 'Used', 'Water', 'Who', 'Weather then', 'Details']

/** A line of the table; one that was corrected, or struck out, is struck through. */
function cellsOf(line: RecordLineDto, system: UnitSystem): TableCell[] {
  const { entry, standName } = line
  const said = lineWords(line, system)
  const cell = (text: string): TableCell =>
    isStruckThrough(line) ? { text, decoration: 'lineThrough', color: '#666666' } : text
  const besides = [
    ...said.besides,
    said.partners === '' ? '' : `with ${said.partners}`,
    entry.note,
    correctionWords(line),
    `line ${entry.id.slice(0, 8)}, recorded by ${entry.createdBy} ${entry.createdAt.slice(0, 16).replace('T', ' ')} UTC`,
  ]
  return [
    cell(`${dayWords(entry.happenedOn)} ${said.clock}`.trim()),
    cell(standName),
    cell(said.what),
    cell(`${said.used} (planned ${said.planned})`),
    cell(said.water),
    cell(said.who),
    cell(said.weather),
    cell(
      besides
        .filter((each) => each !== '')
        .map((each) => each.replace(/\.$/, ''))
        .join('; '),
    ),
  ]
}

/** The oldest first, as an inspector reads; corrected lines stay, struck through. */
export function recordDocument(record: PrintedRecord): TDocumentDefinitions {
  const { placeName, about, lines, costs, system, printedOn, photos } = record
  const rows = lines.toReversed().map((line) => cellsOf(line, system))
  return {
    pageOrientation: 'landscape',
    pageSize: placeUnits[system].paper,
    pageMargins: [32, 36, 32, 36],
    defaultStyle: { fontSize: 8 },
    info: { title: `${placeName}: record` },
    footer: (page, pages) => ({
      text: `${placeName}, printed ${dayWords(printedOn)}, page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 7,
      margin: [0, 10, 0, 0],
    }),
    content: [
      { text: `${placeName}: record of applications`, fontSize: 15, bold: true },
      { text: about, margin: [0, 2, 0, 8] },
      rows.length === 0
        ? { text: 'Nothing was recorded.' }
        : {
            layout: 'lightHorizontalLines',
            table: {
              headerRows: 1,
              // A line that goes over a page is read by nobody.
              dontBreakRows: true,
              widths: [58, 70, 90, 72, 48, 60, 90, '*'],
              body: [heads.map((text): TableCell => ({ text, bold: true })), ...rows],
            },
          },
      ...(costs === undefined || costs.stands.length === 0
        ? []
        : [
            {
              text: 'Products by stand',
              bold: true,
              margin: [0, 12, 0, 3] as [number, number, number, number],
            },
            ...costs.stands.map(
              ({ stand, money: sum, unpriced }) =>
                `${stand}: ${money(sum, costs.currency)}${unpriced > 0 ? `, and ${unpriced} ${unpriced === 1 ? 'use' : 'uses'} without a price` : ''}`,
            ),
          ]),
      ...photoContent(photos),
      {
        text: 'A record is never changed: a correction is a line of its own that names the one it corrects. The label, local rules and licensed practice come before this record.',
        margin: [0, 12, 0, 0],
        italics: true,
      },
    ],
  }
}

/** More than a mail carries is left to the season reports of the stands. */
const mostPhotos = 24

/** Photos that were taken with the work of these lines, the oldest first, small. */
async function photosOf(lines: readonly RecordLineDto[]): Promise<ReportPhoto[]> {
  const lineOf = new Map(lines.map((line) => [line.entry.id, line] as const))
  const photos: ReportPhoto[] = []
  for (const standId of new Set(lines.toReversed().map(({ entry }) => entry.standId))) {
    const story = await call(estateRoutes.story, { standId })
    for (const { id, entryId } of story.photos) {
      const line = entryId === null ? undefined : lineOf.get(entryId)
      if (!line || photos.length >= mostPhotos) continue
      const image = await smallPhoto(id)
      if (!image) continue
      const { happenedOn, id: lineId } = line.entry
      photos.push({
        image,
        words: `${line.standName}, ${dayWords(happenedOn)}, with line ${lineId.slice(0, 8)}`,
      })
    }
  }
  return photos
}

/**
 * Makes the file and hands it over.
 * @param photos with those of the work, unless whoever asks may not see them
 */
export async function saveRecordPdf(
  record: Omit<PrintedRecord, 'photos'>,
  photos: 'with photos' | 'without photos',
): Promise<void> {
  const taken = photos === 'with photos' ? await photosOf(record.lines) : []
  await makePdf('spudder-record.pdf', recordDocument({ ...record, photos: taken }))
}
