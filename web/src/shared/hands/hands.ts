import { isHand, type JobDto } from '@spudder/contract/job'
import { listed } from '../words/listed.ts'

/** Somebody, as far as what they do goes. */
interface Somebody {
  readonly id: string
  readonly name: string
}
/** Since when somebody is at a job; undefined where they are not. */
export const underWaySince = ({ underWay }: JobDto, me: Somebody | undefined): Date | undefined => {
  const own = (underWay ?? []).find((each) => isHand(each, me))
  return own && new Date(own.since)
}

export const isNamed = ({ hands }: JobDto, me: Somebody | undefined): boolean =>
  (hands ?? []).some((each) => isHand(each, me))

const names = (list: readonly { readonly name: string }[]) => listed(list.map(({ name }) => name))

/** Who else is named for a job or at it; empty where nobody is. */
export function othersWords({ hands, underWay }: JobDto, me: Somebody | undefined): string {
  const at = (underWay ?? []).filter((each) => !isHand(each, me))
  const named = (hands ?? []).filter(
    (each) => !isHand(each, me) && at.every(({ name }) => name !== each.name),
  )
  return [
    at.length > 0 ? `${names(at)} ${at.length === 1 ? 'is' : 'are'} at it` : '',
    named.length > 0 ? `with ${names(named)}` : '',
  ]
    .filter((words) => words !== '')
    .join('; ')
}
