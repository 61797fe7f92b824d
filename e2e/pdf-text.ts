import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

/** The words of a PDF, page by page, as another program than the one that wrote it reads them. */
export async function pdfPages(bytes: Uint8Array): Promise<readonly string[]> {
  const { numPages, getPage } = await open(bytes)
  const pages = Array.from({ length: numPages }, (_, index) => getPage(index + 1))
  return Promise.all(
    pages.map(async (page) => {
      const { items } = await (await page).getTextContent()
      const words = items.map((item) => ('str' in item ? item.str : '')).join(' ')
      return words.replace(/\s+/g, ' ')
    }),
  )
}

async function open(bytes: Uint8Array) {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise
  return { numPages: document.numPages, getPage: (page: number) => document.getPage(page) }
}
