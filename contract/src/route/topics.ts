/** What answers are kept under, and read anew by. */
export type Topic =
  | 'places'
  | 'me'
  | 'people'
  | 'estate'
  | 'story'
  | 'planning'
  | 'record'
  | 'shelf'
  | 'sprayers'
  | 'jar-tests'
  | 'eyes'
  | 'drills'
  | 'laboratory-orders'
  | 'weather'
  | 'trials'
  | 'zones'
  | 'history'
  | 'overview'
  | 'ticks'

/** What a change of a stand, or of anything that belongs to it, can be seen in. */
export const ofStand = ['story', 'estate', 'planning', 'record', 'overview'] as const

/** What a change of anything at a place can be seen in, whatever it is. */
export const ofWholePlace = [
  ...ofStand,
  'places',
  'shelf',
  'sprayers',
  'jar-tests',
  'eyes',
  'drills',
  'trials',
  'zones',
] as const
