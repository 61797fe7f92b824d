/** A title in the middle of a line: its first letter small, "pH" and names as they are. */
export const withoutCapital = (title: string): string =>
  `${title.charAt(0).toLowerCase()}${title.slice(1)}`
