/**
 * Paper, slate and one rust accent, for the library and for our drawings alike. Green and yellow belong
 * to leaves and stand in no token.
 */
export const schemes = {
  light: {
    paper: '#f6f3ec',
    sheet: '#fffdf8',
    sunken: '#ece7dc',
    ink: '#232c33',
    slate: '#4f5b64',
    faint: '#5a646b',
    line: '#d9d2c4',
    'strong-line': '#b9b1a1',
    rust: '#a23f1b',
    'rust-wash': '#f4e3da',
    'on-rust': '#fffdf8',
    hatch: '#00000024',
  },
  dark: {
    paper: '#1b2126',
    sheet: '#242b31',
    sunken: '#161b1f',
    ink: '#ece8df',
    slate: '#b8c0c5',
    faint: '#98a2a9',
    line: '#38424a',
    'strong-line': '#55616a',
    rust: '#ee9269',
    'rust-wash': '#40281e',
    'on-rust': '#1b1410',
    hatch: '#0000005c',
  },
  /** For a screen in the sun: whatever is read stands at 7:1 at least on whatever lies below it. */
  sun: {
    paper: '#ffffff',
    sheet: '#ffffff',
    sunken: '#efebe2',
    ink: '#000000',
    slate: '#1a2126',
    faint: '#262e34',
    line: '#7d848a',
    'strong-line': '#2b3339',
    rust: '#702405',
    'rust-wash': '#fbeae2',
    'on-rust': '#ffffff',
    hatch: '#00000059',
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, string>>>>

export type Scheme = keyof typeof schemes
export type Token = keyof (typeof schemes)['light']

/** Corners of all that has an edge [px]. */
export const radius = 6

/** The five sizes of type [rem of 15 px]; figures to be read from afar are larger where they stand. */
const textSizes = { tiny: 0.8, small: 0.87, body: 1, large: 1.3, huge: 1.8 } as const
const sizes = Object.entries(textSizes)
  .map(([name, rem]) => `--text-${name}:${rem}rem;`)
  .join('')

const declared = (scheme: Scheme): string =>
  Object.entries(schemes[scheme])
    .map(([name, colour]) => `--${name}:${colour};`)
    .join('')

/** The tokens as variables of the page; they stand in its head before any script runs. */
export const tokenCss = (): string =>
  [
    `:root{${declared('light')}--radius:${radius}px;--gap:12px;${sizes}color-scheme:light}`,
    `:root[data-theme='dark']{${declared('dark')}color-scheme:dark}`,
    `:root[data-theme='sun']{${declared('sun')}color-scheme:light}`,
  ].join('')
