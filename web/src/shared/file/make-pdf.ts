import type { TDocumentDefinitions } from 'pdfmake/interfaces'

/** Makes a PDF and hands it over; what makes it is loaded when it is first asked for. */
export async function makePdf(name: string, document: TDocumentDefinitions): Promise<void> {
  const [{ default: pdfMake }, { default: fonts }] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    import('pdfmake/build/vfs_fonts'),
  ])
  pdfMake.addVirtualFileSystem(fonts)
  await pdfMake.createPdf(document).download(name)
}
