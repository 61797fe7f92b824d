/** Names one after another: "Ada, Bo, and Cy". */
export const listed = (names: readonly string[]): string => new Intl.ListFormat('en').format(names)
