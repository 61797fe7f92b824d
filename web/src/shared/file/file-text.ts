import { decodeText } from '@spudder/core/base/table'

/** The text of a file, whatever wrote it. */
export const fileText = async (file: Blob): Promise<string> =>
  decodeText(new Uint8Array(await file.arrayBuffer()))
