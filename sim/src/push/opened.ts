import { createDecipheriv, createECDH, hkdfSync } from 'node:crypto'

/** What a browser keeps to itself of a subscription. */
export interface PushSecrets {
  /** Its private key, on the curve P-256. */
  readonly privateKey: Buffer
  /** What it shared with whoever may push, 16 byte. */
  readonly auth: Buffer
}

/** Where the parts of a message lie (RFC 8188, section 2.1) [byte]. */
const parts = { salt: 16, size: 4, idLength: 1, tag: 16 } as const

const derived = (secret: Buffer, salt: Buffer, info: Buffer, length: number): Buffer =>
  Buffer.from(hkdfSync('sha256', secret, salt, info, length))
const named = (name: string): Buffer => Buffer.from(`Content-Encoding: ${name}\0`)

/**
 * Opens a pushed message as a browser does: RFC 8291 over RFC 8188 (aes128gcm), a message of one record.
 * @returns what was written
 * @throws {Error} for a message that was sealed for somebody else, or changed on its way
 */
export function opened(message: Buffer, { privateKey, auth }: PushSecrets): string {
  const salt = message.subarray(0, parts.salt)
  const idAt = parts.salt + parts.size + parts.idLength
  const idLength = message.readUInt8(idAt - parts.idLength)
  const sender = message.subarray(idAt, idAt + idLength)
  const sealed = message.subarray(idAt + idLength)
  const own = createECDH('prime256v1')
  own.setPrivateKey(privateKey)
  const info = Buffer.concat([Buffer.from('WebPush: info\0'), own.getPublicKey(), sender])
  const input = derived(own.computeSecret(sender), auth, info, 32)
  const key = derived(input, salt, named('aes128gcm'), 16)
  const nonce = derived(input, salt, named('nonce'), 12)
  const decipher = createDecipheriv('aes-128-gcm', key, nonce)
  decipher.setAuthTag(sealed.subarray(-parts.tag))
  const padded = Buffer.concat([decipher.update(sealed.subarray(0, -parts.tag)), decipher.final()])
  // A last record ends with 2, and with zeros behind it.
  const end = padded.lastIndexOf(2)
  return padded.subarray(0, end).toString('utf8')
}
