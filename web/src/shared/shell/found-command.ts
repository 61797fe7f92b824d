import type { FoundDto, FoundKind } from '@spudder/contract/search'
import type { RouteLocationRaw } from 'vue-router'
import type { Command } from './use-palette.ts'

/** Where each kind of thing is looked at, and what it is called. */
const kinds: Readonly<
  Record<FoundKind, { words: string; to: (found: FoundDto) => RouteLocationRaw }>
> = {
  stand: { words: 'stand', to: ({ id }) => ({ name: 'stand', params: { standId: id } }) },
  product: { words: 'on the shelf', to: ({ id }) => ({ name: 'shelf', query: { product: id } }) },
  sprayer: { words: 'sprayer', to: () => ({ name: 'sprayers' }) },
  trial: {
    words: 'trial',
    to: ({ standId }) => ({ name: 'trials', params: { standId: standId ?? '' } }),
  },
}

/** A thing that was found, as something to go to. */
export function foundCommand(found: FoundDto): Command {
  const { words, to } = kinds[found.kind]
  const hint = found.kind === 'trial' ? `${words}, ${found.standName}` : words
  return { words: found.name, hint, to: to(found) }
}
