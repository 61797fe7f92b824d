import { standKinds, type Context, type StandKind } from '../index.ts'

/** The kind of stand that stands first in the list of plants of a context, for tests. */
export function kindIn(context: Context): StandKind {
  const kind = standKinds.find((each) => each.context === context)
  if (!kind) throw new Error(`no plant grows in ${context}`)
  return kind
}
