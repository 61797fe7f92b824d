import { describe, expect, it } from 'vitest'
import { allCauses } from '../index.ts'

const endingOf = (id: string) => allCauses.find((cause) => cause.id === id)?.ending

describe('how a verdict ends', () => {
  it.each(allCauses.map((cause) => [cause.id, cause] as const))(
    '%s: what first, what then, when to look again; no iron where it is not iron',
    (_, cause) => {
      const { first, then, doNotBuy, lookAgain } = cause.ending
      for (const words of [first, lookAgain, ...then]) expect(words).toMatch(/^[A-Z].*[.?]$/)
      expect(then.length).toBeGreaterThan(0)
      expect(doNotBuy === undefined).toBe(cause.remedy === 'iron')
    },
  )

  it('calls somebody where a plant disease, an insect or a poison is at work', () => {
    for (const id of ['ring-root-rot', 'sap-sucking-insects', 'larvae', 'chemical-injury']) {
      expect(endingOf(id)?.call).toMatch(/extension|clinic/)
    }
  })

  it('defers to label and licence wherever something is sprayed against the living', () => {
    for (const id of ['ring-root-rot', 'sap-sucking-insects', 'larvae']) {
      expect(endingOf(id)?.cautions?.join(' ')).toMatch(/label.*licences/)
    }
  })
})
