const [START, SCAN, COMMENT, APP0, APP15] = [0xd8, 0xda, 0xfe, 0xe0, 0xef]
const END = Buffer.of(0xff, 0xd9)

/**
 * True of a JPEG that holds pixels and nothing else: no segment of an application but JFIF's own, no comment, nothing behind
 * its end. Where a picture was taken stands in one of these.
 * @source ITU-T T.81 (JPEG), annex B; JFIF: ITU-T T.871
 */
export function isPlainJpeg(bytes: Uint8Array): boolean {
  const file = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  if (file.length < 4 || file[0] !== 0xff || file[1] !== START) return false
  let at = 2
  while (at + 4 <= file.length && file[at] === 0xff) {
    const marker = file[at + 1] ?? 0
    // Within the scans 0xff stands for itself only before a zero: the first end is the end.
    if (marker === SCAN) return file.indexOf(END, at) === file.length - END.length
    if (marker === COMMENT || (marker > APP0 && marker <= APP15)) return false
    if (marker === APP0 && file.toString('latin1', at + 4, at + 8) !== 'JFIF') return false
    at += 2 + file.readUInt16BE(at + 2)
  }
  return false
}
