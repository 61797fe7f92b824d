/** A JPEG of 4 × 3 pixels as far as its header goes, with a day in its EXIF where one is given. */
export function jpeg(day?: string): Buffer {
  const frame = Buffer.from([0xff, 0xc0, 0, 11, 8, 0, 3, 0, 4, 1, 1, 0x11, 0])
  const exif = day ? exifSegment(`${day.replaceAll('-', ':')} 14:05:00\0`) : Buffer.alloc(0)
  return Buffer.concat([Buffer.from([0xff, 0xd8]), exif, frame, Buffer.from([0xff, 0xd9])])
}

/** An APP1 segment whose one Exif tag is DateTimeOriginal (EXIF 2.3, tag 0x9003). */
function exifSegment(moment: string): Buffer {
  const tiff = Buffer.alloc(26 + 18 + moment.length)
  tiff.write('II*\0', 0, 'latin1')
  tiff.writeUInt32LE(8, 4)
  tiff.writeUInt16LE(1, 8)
  tiff.writeUInt16LE(0x8769, 10)
  tiff.writeUInt16LE(4, 12)
  tiff.writeUInt32LE(1, 14)
  tiff.writeUInt32LE(26, 18)
  tiff.writeUInt16LE(1, 26)
  tiff.writeUInt16LE(0x9003, 28)
  tiff.writeUInt16LE(2, 30)
  tiff.writeUInt32LE(moment.length, 32)
  tiff.writeUInt32LE(44, 36)
  tiff.write(moment, 44, 'latin1')
  const body = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff])
  const head = Buffer.from([0xff, 0xe1, 0, 0])
  head.writeUInt16BE(body.length + 2, 2)
  return Buffer.concat([head, body])
}
