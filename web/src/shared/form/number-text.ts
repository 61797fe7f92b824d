import { locales, readTyped, writtenAs } from '@spudder/core/base/writing'

/** The number in a text field; NaN, which every check refuses, where there is none. */
export const numberIn = (text: string): number => readTyped(text)

/** Parts a list as it is typed: by commas, or by semicolons where a comma stands before decimals. */
export const listed = (text: string): string[] =>
  text
    .split(locales[writtenAs()].decimalMark === ',' ? /[;\n]|,(?!\d)/ : /[,;\n]/)
    .map((each) => each.trim())
