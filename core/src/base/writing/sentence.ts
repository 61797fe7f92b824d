/** Text as it begins a line; a word with a spelling of its own ("pH") keeps it. */
export function lineStart(text: string): string {
  return /^pH\b/.test(text) ? text : text.slice(0, 1).toUpperCase() + text.slice(1)
}

/** Text as it stands inside a sentence: only its first letter is lowered. */
export function midSentence(text: string): string {
  return text.slice(0, 1).toLowerCase() + text.slice(1)
}
