import { cardDrawing, colourCard } from '@spudder/core/seen/photo'
import { placeUnits, type UnitSystem } from '@spudder/core/base/quantity'
import { makePdf } from '../file/make-pdf.ts'

const pointsPerMm = 72 / 25.4

/** The colour card as a page to print in its true size. */
export async function printColourCard(system: UnitSystem): Promise<void> {
  await makePdf('colour-card.pdf', {
    pageSize: placeUnits[system].paper,
    defaultStyle: { fontSize: 10 },
    info: { title: 'Colour card' },
    content: [
      { text: 'Colour card', fontSize: 16, bold: true, margin: [0, 0, 0, 10] },
      {
        svg: cardDrawing(),
        width: colourCard.widthMm * pointsPerMm,
        margin: [0, 0, 0, 14],
      },
      {
        ul: [
          'Print in colour on dull white paper, in true size (100 %). The card is 106 mm (4.2 in) wide.',
          'Cut it out with its white edge, and keep it flat and dry; a faded or stained card is printed anew.',
          'Lay it beside the leaves, in the same light, facing the camera, a quarter of the picture wide.',
          'Printers differ: compare photos only with photos of the same print.',
        ],
      },
    ],
  })
}
