/** Byte order marks, and what they mean. */
const marks = [
  { bytes: [0xef, 0xbb, 0xbf], encoding: 'utf-8' },
  { bytes: [0xff, 0xfe], encoding: 'utf-16le' },
  { bytes: [0xfe, 0xff], encoding: 'utf-16be' },
] as const

/** Bytes that are looked at to tell an encoding that does not say itself. */
const looked = 2000

/** Every other byte of western text in UTF-16 is zero: the second of each pair, or the first. */
function withoutMark(bytes: Uint8Array): string {
  const part = bytes.subarray(0, looked)
  const zeros = (from: 0 | 1) => part.filter((byte, index) => index % 2 === from && byte === 0)
  if (zeros(1).length > part.length / 4) return 'utf-16le'
  if (zeros(0).length > part.length / 4) return 'utf-16be'
  return 'utf-8'
}

/**
 * The text of a file as spreadsheets and instruments write it: UTF-8, UTF-16 with or without a mark
 * of its byte order, else the western code page.
 * @source WHATWG Encoding Standard: names of encodings, marks of byte order
 */
export function decodeText(bytes: Uint8Array): string {
  const mark = marks.find((each) => each.bytes.every((byte, index) => bytes[index] === byte))
  const encoding = mark?.encoding ?? withoutMark(bytes)
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}
