import { dayWords } from '@spudder/core/base/calendar'
import {
  amountWords,
  placeUnits,
  type Currency,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import type { NextSeason, SeasonChange, SeasonReview } from '@spudder/core/outcome/season-review'
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import { makePdf } from '../../shared/file/make-pdf.ts'
import { money } from '../../shared/units/money-words.ts'
import { answeredWords, checksByKind, daysWords, endWords, everyWords, foundWords, gainedWords, paleFromWords, perDayWords, productsWords, said } from './season-words.ts' // prettier-ignore

/** What a review is printed from. */
export interface PrintedSeason {
  readonly placeName: string
  readonly season: string
  readonly system: UnitSystem
  readonly currency: Currency
  readonly printedOn: string
  readonly review: SeasonReview
  readonly changes: readonly SeasonChange[]
  readonly next: NextSeason
  /** Colours that practice devices made up. */
  readonly madeUp: number
}

/** More than so many rows of a table leave no room on the page; the rest stands in the app. */
const mostRows = 8

/** Lines under each row, close to it: all is to stand on one page. */
const narrowLines = {
  hLineWidth: (index: number) => (index === 0 ? 0 : 0.5),
  vLineWidth: () => 0,
  hLineColor: () => '#aaaaaa',
  paddingTop: () => 1,
  paddingBottom: () => 1,
}

function table(
  title: string,
  heads: readonly string[],
  rows: readonly (readonly string[])[],
): Content[] {
  if (rows.length === 0) return []
  const shown = rows.slice(0, mostRows)
  const rest = rows.length - shown.length
  return [
    { text: title, bold: true, fontSize: 10, margin: [0, 8, 0, 2] },
    {
      layout: narrowLines,
      table: {
        headerRows: 1,
        widths: heads.map((_, index) => (index < 2 ? '*' : 'auto')),
        body: [heads.map((text): TableCell => ({ text, bold: true })), ...shown.map((row) => [...row])], // prettier-ignore
      },
    },
    ...(rest > 0 ? [{ text: `and ${rest} more on the page Season`, italics: true }] : []),
  ]
}

/** What it cost and brought, and what to do otherwise. */
function leadContent({ review, changes, currency, madeUp }: PrintedSeason): Content[] {
  const { spent, green, known, gained, perGreenDay } = review.total
  return [
    {
      text: perGreenDay
        ? `A green day cost ${perDayWords(perGreenDay, currency)}.`
        : 'What a green day cost cannot be said.',
      fontSize: 11,
      margin: [0, 3, 0, 2],
    },
    `${money(spent.total, currency)} spent: products ${productsWords(spent, currency)}; trips ${money(spent.trips, currency)}; checks ${money(spent.checks, currency)}. Green: ${daysWords(green)} of ${said(known)} days of which it can be said. Gained by what was put out: ${daysWords(gained)} days.`,
    ...(madeUp > 0
      ? [{ text: `✕ ${madeUp} colours were made up by practice devices.`, bold: true }]
      : []),
    { text: 'What to do otherwise', bold: true, fontSize: 10, margin: [0, 8, 0, 2] },
    changes.length === 0
      ? 'Nothing stands out.'
      : { ol: changes.slice(0, mostRows).map(({ words }) => words) },
  ]
}

/** What worked where, what was found, and which checks paid. */
function tableContent({ review, currency }: PrintedSeason): Content[] {
  const names = new Map(review.stands.map(({ standId, name }) => [standId, name]))
  const nameOf = (standId: string) => names.get(standId) ?? ''
  return [
    ...table(
      'What worked where',
      ['Stand', 'What', 'Times', 'Answered', 'Days gained', 'Product'],
      review.sources.map((each) => [nameOf(each.standId), each.appliedName, String(each.treatments.length), answeredWords(each), gainedWords(each), money(each.cost, currency)]), // prettier-ignore
    ),
    ...table(
      'Causes found',
      ['Stand', 'Found', 'Acted on', 'End'],
      review.cases.map((each) => [nameOf(each.standId), foundWords(each), each.acted ? dayWords(each.acted.on) : 'not yet', endWords(each)]), // prettier-ignore
    ),
    ...table(
      'Checks that were worth it',
      ['Check', 'Made', 'Changed the remedy', 'Worth'],
      checksByKind(review)
        .filter(({ worth, effort }) => worth > effort)
        .map((each) => [each.name, String(each.made), String(each.changed), money(Math.round(each.worth), currency)]), // prettier-ignore
    ),
  ]
}

/** Where the next season starts, side by side. */
function nextContent({ next, system, currency }: PrintedSeason): Content {
  const looks = table(
    'Look first, next season',
    ['Stand', 'Pale from', 'Look on'],
    next.looks.map((each) => [each.name, paleFromWords(each), dayWords(each.lookOn)]),
  )
  const needs = table(
    'Likely needed',
    ['Stand', 'What', 'Times', 'In all', 'Product'],
    next.needs.map((each) => [each.name, each.appliedName, `${each.treatments}, every ${everyWords(each.interval)}`, amountWords('mass', each.productKg, system), money(each.cost, currency)]), // prettier-ignore
  )
  return { columnGap: 16, columns: [{ stack: looks }, { stack: needs }] }
}

/** The review of a season on one page: what it cost and brought, what to do otherwise, where the next starts. */
export function seasonDocument(printed: PrintedSeason): TDocumentDefinitions {
  const { placeName, season, system, printedOn } = printed
  return {
    pageSize: placeUnits[system].paper,
    pageMargins: [34, 30, 34, 30],
    defaultStyle: { fontSize: 8 },
    info: { title: `${placeName}: season ${season}` },
    footer: (page, pages) => ({
      text: `${placeName}, printed ${dayWords(printedOn)}, page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 7,
      margin: [0, 8, 0, 0],
    }),
    content: [
      { text: `${placeName}: season ${season}`, fontSize: 15, bold: true },
      ...leadContent(printed),
      ...tableContent(printed),
      nextContent(printed),
      {
        text: 'Ranges hold what surely was to what may have been. Days gained are against an untreated strip, else the colour before. The label, local rules and licensed practice come before this page.',
        margin: [0, 10, 0, 0],
        italics: true,
      },
    ],
  }
}

/** Makes the file and hands it over. */
export const saveSeasonPdf = (printed: PrintedSeason): Promise<void> =>
  makePdf(`spudder-season-${printed.season}.pdf`, seasonDocument(printed))
