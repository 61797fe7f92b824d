/** Things of a place whose changes are kept. */
export const historyKinds = [
  'stand',
  'place',
  'reading',
  'event',
  'look',
  'case',
  'photo',
  'trial',
  'rating',
  'zone',
  'jarTest',
  'eye',
  'drill',
  'advice',
  'product',
  'sprayer',
  'job',
  'entry',
  'remedy',
  'acidPlan',
  'order',
  'import',
] as const
export type HistoryKind = (typeof historyKinds)[number]

/** What somebody did with a thing. */
export const historyActs = ['stored', 'changed', 'struck', 'restored'] as const
export type HistoryAct = (typeof historyActs)[number]

/** What a field was and is; null for nothing. */
export interface FieldChange {
  readonly was: unknown
  readonly is: unknown
}
/** Changes by field; a part of something put together as "settings.crewHours". */
export type FieldChanges = Readonly<Record<string, FieldChange>>
