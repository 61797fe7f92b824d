import { lineStart } from '@spudder/core/base/writing'
import type { Mailer } from '../mail/mailer.ts'
import type { PersonRow } from './tell.repository.ts'
import { actWords, type Way } from './way.ts'

/** What was done with sign-ins longer ago is told by no letter [ms]. */
const actsMs = 86_400_000

const openAt = (address: string | undefined): string =>
  address === undefined ? '' : `Open: ${address}\n`

/**
 * Tells somebody by letter.
 * @param address where people find it, as https://spudder.example
 * @returns undefined for who gave no address of theirs
 */
export function letterWay(
  { email, mailKinds }: PersonRow,
  mailer: Mailer,
  { address, at }: { readonly address: string | undefined; readonly at: Date },
): Way | undefined {
  if (email === null) return undefined
  return {
    claim: '',
    kinds: mailKinds ?? [],
    actsSince: new Date(at.getTime() - actsMs),
    tellOfPlace: (placeName, notices) => {
      const [first] = notices
      const what = notices.length === 1 && first ? first.words : `${notices.length} notices`
      const list = notices.map(({ words }) => `- ${words}`).join('\n')
      const chosen =
        'What you are told of is chosen in Spudder, under You, Letters. The label comes first.'
      const text = `${placeName}\n\n${list}\n\n${openAt(address)}\n${chosen}\n`
      return mailer.send({ to: email, subject: `${placeName}: ${what}`, text })
    },
    tellOfAct: (told) => {
      const [what, { act }] = [actWords(told), told]
      return mailer.send({
        to: email,
        subject: `Spudder: ${what}`,
        text: `${lineStart(what)}, on ${act.device}, from ${act.address}, ${act.at.toISOString()}.\n\nIf that was not you, choose another password under You and sign the device out, or ask an owner of your place.\n\n${openAt(address)}`,
      })
    },
  }
}
