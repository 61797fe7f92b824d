import { describe, expect, it } from 'vitest'
import { opened } from './opened.ts'

const of = (text: string) => Buffer.from(text.replace(/\s/g, ''), 'base64url')

/** The example of RFC 8291, section 5 and appendix A. */
const published = {
  privateKey: of('q1dXpw3UpT5VOmu_cf_v6ih07Aems3njxI-JWgLcM94'),
  auth: of('BTBZMqHH6r4Tts7J_aSIgg'),
  message: of(`DGv6ra1nlYgDCS1FRnbzlwAAEABBBP4z9KsN6nGRTbVYI_c7VJSPQTBtkgcy27ml
    mlMoZIIgDll6e3vCYLocInmYWAmS6TlzAC8wEqKK6PBru3jl7A_yl95bQpu6cVPT
    pK4Mqgkf1CXztLVBSt2Ks3oZwbuwXPXLWyouBWLVWGNWQexSgSxsj_Qulcy4a-fN`),
  words: 'When I grow up, I want to be a watermelon',
}

describe('a pushed message', () => {
  it('opens as the one of RFC 8291, appendix A', () => {
    expect(opened(published.message, published)).toBe(published.words)
  })

  it('opens for nobody else, and not once it was changed', () => {
    const other = { ...published, auth: Buffer.alloc(16, 7) }
    expect(() => opened(published.message, other)).toThrow()
    const changed = Buffer.from(published.message)
    changed[changed.length - 20] = (changed.at(-20) ?? 0) ^ 1
    expect(() => opened(changed, published)).toThrow()
  })
})
