/** The closed list of ways in which input to the core can be wrong, for those who answer by kind. */
export type CoreErrorCode =
  | 'out-of-range'
  | 'not-a-number'
  | 'quantity-unreadable'
  | 'unit-unknown'
  | 'unit-mismatch'
  | 'unit-ambiguous'
  | 'date-unreadable'
  | 'not-applicable'
  | 'unknown-name'
