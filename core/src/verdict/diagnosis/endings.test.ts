import { describe, expect, it } from 'vitest'
import { allCauses, endingOf } from './index.ts'
import { endings } from './data/endings.ts'

describe('how a verdict ends', () => {
  it('is said for every cause, and for nothing else', () => {
    expect(Object.keys(endings).toSorted()).toEqual(allCauses.map(({ id }) => id).toSorted())
  })

  it.each(allCauses.map((cause) => [cause.id, cause] as const))(
    '%s: what first, what then, when to look again; no iron where it is not iron',
    (_, cause) => {
      const { first, then, doNotBuy, lookAgain } = endingOf(cause)
      for (const words of [first, lookAgain, ...then]) expect(words).toMatch(/^[A-Z].*[.?]$/)
      expect(then.length).toBeGreaterThan(0)
      expect(doNotBuy === undefined).toBe(cause.remedy === 'iron')
    },
  )

  it('calls somebody where a plant disease, an insect or a poison is at work', () => {
    for (const id of ['ring-root-rot', 'sap-sucking-insects', 'larvae', 'chemical-injury']) {
      expect(endingOf({ id }).call).toMatch(/extension|clinic/)
    }
  })

  it('defers to label and licence wherever something is sprayed against the living', () => {
    for (const id of ['ring-root-rot', 'sap-sucking-insects', 'larvae']) {
      expect(endingOf({ id }).cautions?.join(' ')).toMatch(/label.*licences/)
    }
  })
})
