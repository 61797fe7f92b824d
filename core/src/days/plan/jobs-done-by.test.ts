import { expect, it } from 'vitest'
import { readingKindNames, readingKinds } from '../../seen/reading/index.ts'
import { doneByReading } from './index.ts'

it('does the look with a colour of the stand, the test with a pH, and answers checks', () => {
  expect(doneByReading({ kind: 'severity' }).kind).toBe('look')
  expect(doneByReading({ kind: 'severity', place: 'untreated' }).kind).toBeUndefined()
  expect(doneByReading({ kind: 'pH' }).kind).toBe('test')
  expect(doneByReading({ kind: 'pH' }).checkIds.length).toBeGreaterThan(0)
  expect(doneByReading({ kind: 'clay' }).kind).toBeUndefined()
})

it('knows of every kind of reading what it does', () => {
  for (const kind of readingKindNames) {
    const looks = readingKinds[kind].medium === 'leaf'
    expect(doneByReading({ kind }).kind === 'look').toBe(looks)
  }
})
