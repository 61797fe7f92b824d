import type { WeatherWork } from '@spudder/core/days/weather'

/** The kinds of work that wait for weather out of doors, in the order of the rows. */
export const shownWorks: readonly WeatherWork[] = ['leaf', 'drench', 'granules']
/** Height of the strip: warmth and rain, and a line a kind of work [px]. */
export const stripHeight = 76
/** Line on which rain stands, and under which the rows begin [px from the top]. */
export const groundY = 42
const rowHeight = 10
export const rowTop = (row: number): number => groundY + 4 + row * rowHeight
/** The middle of a row, along which its line runs [px from the top]. */
export const rowMiddle = (row: number): number => rowTop(row) + 4
