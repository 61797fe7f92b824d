import type { Content } from 'pdfmake/interfaces'
import { photoBytes } from '../../api/photos.ts'

/** A photo as it is laid into the report. */
export interface ReportPhoto {
  readonly words: string
  /** Data address of the picture. */
  readonly image: string
}

/** Photos two by two; nothing where there are none. */
export const photoContent = (photos: readonly ReportPhoto[]): Content[] =>
  photos.length === 0
    ? []
    : [
        { text: 'Photos', bold: true, fontSize: 12, margin: [0, 12, 0, 4] },
        ...pairs(photos).map((row): Content => ({
          columns: row.map(({ image, words }) => [
            { image, width: 246 },
            { text: words, fontSize: 8.5, margin: [0, 2, 0, 8] },
          ]),
          columnGap: 14,
          unbreakable: true,
        })),
      ]

function pairs<Item>(items: readonly Item[]): Item[][] {
  return items.reduce<Item[][]>((rows, item, index) => {
    if (index % 2 === 0) rows.push([item])
    else rows.at(-1)?.push(item)
    return rows
  }, [])
}

/** Photos as small pictures: the report is to be sent by mail. */
export async function smallPhoto(id: string): Promise<string | undefined> {
  const bytes = await photoBytes(id)
  if (!bytes) return undefined
  try {
    const decoded = await createImageBitmap(bytes)
    const width = Math.min(720, decoded.width)
    const canvas = document.createElement('canvas')
    canvas.width = width
    canvas.height = Math.round((decoded.height * width) / decoded.width)
    canvas.getContext('2d')?.drawImage(decoded, 0, 0, canvas.width, canvas.height)
    decoded.close()
    return canvas.toDataURL('image/jpeg', 0.85)
  } catch {
    // A picture that cannot be read leaves a gap, not a report that is never made.
    return undefined
  }
}
