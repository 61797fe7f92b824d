import { dayWords } from '@spudder/core/base/calendar'
import { formatDecimals } from '@spudder/core/base/writing'
import { standingEntries } from '@spudder/core/days/entry'
import { toStandSize, type StandStoryDto } from '@spudder/contract/stand'
import { contexts, findPlant, sizeWords } from '@spudder/core/stand/plant'
import { amountWords, placeUnits, type UnitSystem } from '@spudder/core/base/quantity'
import { readingWords } from '@spudder/core/seen/reading'
import { greennessWords } from '@spudder/core/seen/colour'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { judgementOf } from '../../shared/case/judgement.ts'
import { makePdf } from '../../shared/file/make-pdf.ts'
import { photoContent, smallPhoto, type ReportPhoto } from '../../shared/file/report-photos.ts'
import { expectedOf, type Known } from '../../shared/known/known.ts'
import { seenColours, stripColours, type SeenColour } from '../../shared/ribbon/seen-colour.ts'
import { seasonChart } from './season-chart.ts'

type Case = StandStoryDto['cases'][number]

/** What a report is of, and by what it is judged. */
export interface ReportOf {
  readonly story: StandStoryDto
  readonly known: Known
  readonly system: UnitSystem
}

function caseContent({ story, known, system }: ReportOf, of: Case): Content[] {
  const { stand } = story
  const within = ({ day }: { day: string }) => !of.closedOn || day <= of.closedOn
  const entries = standingEntries(story.entries.filter(({ caseId }) => caseId === of.id))
  const judged = judgementOf(
    entries,
    seenColours(story.readings, known.eyes).filter(within),
    (entry) => expectedOf(known, entry, stand),
    stripColours(story.readings, 'untreated', known.eyes).filter(within),
  )
  const top = judged?.judgement.chances[0]
  return [
    {
      text: `Case of ${dayWords(of.openedOn)}${of.closedOn ? `, closed ${dayWords(of.closedOn)}` : ', open'}`,
      bold: true,
      fontSize: 12,
      margin: [0, 10, 0, 2],
    },
    ...entries.map(({ happenedOn, appliedName, productKg, note }): Content => ({
      text: `${dayWords(happenedOn)}: ${appliedName}, ${amountWords('mass', productKg, system)}${note ? `. ${note}` : ''}`,
    })),
    judged
      ? {
          text: `${judged.judgement.word}${top ? ` (${Math.round(top.chance * 100)} in 100)` : ''}. ${judged.judgement.sentence}`,
          margin: [0, 2, 0, 0],
        }
      : { text: 'Nothing was applied.' },
    ...(of.outcome ? [{ text: `Ended: ${of.outcome}. ${of.outcomeNote}`, italics: true }] : []),
  ]
}

/** What the colours are, where they are not simply what was read off. */
function colourNotes(seen: readonly SeenColour[], { learnt }: Known): Content[] {
  const notes = [
    ...(seen.some(({ isSimulated }) => isSimulated)
      ? ['Crossed points were made up by practice devices; nobody measured them.']
      : []),
    ...(seen.some(({ eye }) => eye)
      ? ['Colours rated by eye are put right by the eye that gave them.']
      : []),
    ...(learnt.size > 0
      ? ['What is expected of leaves follows what this place taught, where it was watched.']
      : []),
  ]
  return notes.length === 0 ? [] : [{ text: notes.join(' '), fontSize: 8.5, margin: [0, 2, 0, 0] }]
}

/** The season of a stand as a document: what was seen, done, judged, with pictures. */
export function seasonDocument(
  of: ReportOf,
  printedOn: string,
  photos: readonly ReportPhoto[],
): TDocumentDefinitions {
  const { story, known, system } = of
  const { stand } = story
  const seen = seenColours(story.readings, known.eyes)
  const last = seen.at(-1)
  return {
    pageSize: placeUnits[system].paper,
    pageMargins: [40, 42, 40, 42],
    defaultStyle: { fontSize: 9.5 },
    info: { title: `${stand.name}: season report` },
    footer: (page, pages) => ({
      text: `${stand.name}, printed ${dayWords(printedOn)}, page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 7.5,
      margin: [0, 12, 0, 0],
    }),
    content: [
      { text: `${stand.name}: season report`, fontSize: 17, bold: true },
      {
        text: [
          findPlant(stand.plantId).name,
          contexts[stand.context].label,
          sizeWords(toStandSize(stand.size), system),
        ].join(' · '),
        margin: [0, 2, 0, 6],
      },
      last
        ? {
            text: `Last seen ${dayWords(last.day)}: ${greennessWords(last.greenness)}, ${readingWords(last)}${last.isSimulated ? ', made up by a practice device' : ''}.`,
          }
        : { text: 'No colour was seen.' },
      ...(seen.length > 1
        ? [{ svg: seasonChart(seen, standingEntries(story.entries)), width: 510, margin: [0, 8, 0, 4] } satisfies Content] // prettier-ignore
        : []),
      ...colourNotes(seen, known),
      ...story.cases.flatMap((each) => caseContent(of, each)),
      ...photoContent(photos),
      {
        text: 'Chances rest on what is usual for the treatment and on what was seen; the band of each look is in the product. The label, local rules and licensed practice come before this report.',
        italics: true,
        fontSize: 8,
        margin: [0, 12, 0, 0],
      },
    ],
  }
}

const mostPhotos = 12

/** Makes the report of a stand and hands it over. */
export async function saveSeasonReport(of: ReportOf, printedOn: string): Promise<void> {
  const { story } = of
  const photos: ReportPhoto[] = []
  for (const photo of story.photos.slice(-mostPhotos)) {
    const image = await smallPhoto(photo.id)
    if (!image) continue
    const { takenOn, measure, fileName } = photo
    const index = measure ? `, index ${formatDecimals(measure.darkGreenIndex, 2)}` : ''
    const part = measure?.part === 'untreated' ? ', untreated' : ''
    photos.push({
      image,
      words: `${takenOn === null ? 'no day' : dayWords(takenOn)}${part}${index}, ${fileName}`,
    })
  }
  const name = `${story.stand.name.toLowerCase().replaceAll(' ', '-')}-season.pdf`
  await makePdf(name, seasonDocument(of, printedOn, photos))
}
