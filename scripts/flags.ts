/** What stands behind a flag; undefined where the flag is not there, or nothing behind it. */
export function valueAfter(flags: readonly string[], flag: string): string | undefined {
  const at = flags.indexOf(flag)
  return at < 0 ? undefined : flags[at + 1]
}
