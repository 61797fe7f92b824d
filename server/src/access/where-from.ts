import type { Request } from 'express'

/** Where somebody comes from, as it is noted beside what they did. */
export interface WhereFrom {
  readonly address: string
  /** Browser and system in words; nothing that follows a device about. */
  readonly device: string
}

const longestAddress = 45
const longestDevice = 120

/** What a browser calls itself by, the most telling first. */
const browsers: readonly (readonly [RegExp, string])[] = [
  [/\bEdg(?:e|A|iOS)?\//, 'Edge'],
  [/\b(?:Firefox|FxiOS)\//, 'Firefox'],
  [/\b(?:Chrome|CriOS|HeadlessChrome)\//, 'Chrome'],
  [/\bSafari\//, 'Safari'],
]
const systems: readonly (readonly [RegExp, string])[] = [
  [/\bAndroid\b/, 'Android'],
  [/\b(?:iPhone|iPad)\b/, 'iOS'],
  [/\bWindows\b/, 'Windows'],
  [/\bMac OS X\b/, 'macOS'],
  [/\bLinux\b/, 'Linux'],
]
const found = (names: typeof browsers, text: string) =>
  names.find(([pattern]) => pattern.test(text))?.[1]

/** What a device is told apart by: from what it says of itself, which it may say wrongly. */
function deviceOf(agent: string): string {
  const browser = found(browsers, agent)
  const system = found(systems, agent)
  if (browser && system) return `${browser} on ${system}`
  // A program; a line break would begin a line of its own wherever this is written.
  const name = agent.replace(/[^\x20-\x7e]+/g, ' ').trim()
  return (browser ?? system ?? (name || 'unnamed')).slice(0, longestDevice)
}

export const whereFrom = (request: Request): WhereFrom => ({
  address: (request.ip ?? '').slice(0, longestAddress),
  device: deviceOf(request.get('user-agent') ?? ''),
})
