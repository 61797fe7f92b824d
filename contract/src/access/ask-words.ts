import { rightWords, rolesThatMay, type Right } from './rights.ts'
import { roleWords, type Role } from './roles.ts'

const listed = new Intl.ListFormat('en', { type: 'disjunction' })
const nameOf = (role: Role): string => roleWords[role].name.toLowerCase()
const withArticle = (word: string): string => `${/^[aeiou]/.test(word) ? 'an' : 'a'} ${word}`

/** Why somebody may not, and whom to ask instead. */
export function askWords(role: Role, right: Right): string {
  const others = rolesThatMay(right).map(nameOf)
  const [first = '', ...rest] = others
  const whom = listed.format([withArticle(first), ...rest])
  return `You are ${withArticle(nameOf(role))} here. To ${rightWords[right]}, ask ${whom}.`
}
