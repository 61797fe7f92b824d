import type { Right } from '@spudder/contract/access'
import type { RouteLocationRaw } from 'vue-router'

/** A screen that can be reached from everywhere: in the menu, the drawer of a phone, the palette. */
export interface Entry {
  readonly name: string
  readonly words: string
  readonly hint: string
  readonly to: RouteLocationRaw
  /** What one has to be allowed at the place for it. */
  readonly needs: Right
  /** Stands in the line at the top of a wide screen; the others behind the name of the place. */
  readonly isInLine: boolean
}

const entry = (
  name: string,
  words: string,
  hint: string,
  { isInLine = true, needs = 'see' as Right } = {},
): Entry => ({
  name,
  words,
  hint,
  to: { name },
  isInLine,
  needs,
})

export const entries: readonly Entry[] = [
  entry('estate', 'Estate', 'all ribbons'),
  entry('day', 'My day', 'what you do today, in its order'),
  entry('dates', 'Dates', 'jobs on their days, plan the season'),
  entry('record', 'Record', 'what was done, search, CSV, PDF', { needs: 'read-record' }),
  entry('shelf', 'Shelf', 'products, prices, labels'),
  entry('sprayers', 'Sprayers', 'set-up and calibration'),
  entry('eye', 'Eye', 'how steady and how true your ratings are', { isInLine: false }),
  entry('drill', 'Drill', 'drawn cases, and what you take for what', { isInLine: false }),
  entry('season', 'Season', 'what a green day cost, what worked, what to do otherwise', {
    isInLine: false,
  }),
  entry('lessons', 'Lessons', 'what this place taught of its leaves', { isInLine: false }),
  entry('reference', 'Reference', 'sources, constants, schools', { isInLine: false }),
  entry('intake', 'Take in a spreadsheet', 'stands, past treatments, readings, looks', {
    isInLine: false,
    needs: 'plan',
  }),
  entry('history', 'History', 'who did what, before and after, back', { isInLine: false }),
  entry('settings', 'Settings', 'money, numbers and days, crew, weather', {
    isInLine: false,
    needs: 'plan',
  }),
  entry('new-stand', 'Add a stand', 'a planting to care for', { isInLine: false, needs: 'plan' }),
]
