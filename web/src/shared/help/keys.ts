/** The keys that do something, beside Tab, Enter, Space and Esc, which do what they do everywhere. */
export const keys: readonly (readonly [key: string, words: string])[] = [
  ['/', 'go to a stand, a product, a screen'],
  ['?', 'this help'],
  ['← →', 'on the ribbons: back and forward in time'],
  ['← → ↑ ↓', 'on a chart: read value by value; on a drawn leaf: the next leaf'],
  ['← →, Enter', 'on a job of the calendar: another day, and keep it there'],
  ['Home, End', 'on a slider: least and most'],
  ['↓', 'in a day: opens the calendar'],
]
