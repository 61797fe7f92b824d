import { expect, it } from 'vitest'
import { stretchesOf } from './stretches.ts'

it('hours that follow one another are one stretch, to the end of the last', () => {
  expect(stretchesOf([6, 7, 8, 16])).toEqual([
    [6, 9],
    [16, 17],
  ])
  expect(stretchesOf([])).toEqual([])
})
