import { CoreError } from '../../base/error/index.ts'
import { isNone } from '../../base/reference/index.ts'
import type { ironForms } from './catalogue.ts'
import { cdta } from './data/shared/cdta.ts'
import type { Ligand } from './facts/ligand.ts'
import { ironSources } from './find-source.ts'

type Bound = Extract<(typeof ironForms)[number]['boundBy'], { readonly ligand: unknown }>
export type LigandId = Bound['ligand']['id'] | typeof cdta.id
export type KnownLigand = Ligand & { readonly id: LigandId }

const bound = ironSources.flatMap(({ boundBy }) => (isNone(boundBy) ? [] : [boundBy.ligand]))
/** Every chelator: those of the forms that are sold, and one that is known from books only. */
const all = [...bound, cdta] as readonly KnownLigand[]

/** How fast a ligand loses its iron as pH rises decides their order, the weakest first. */
export const ligandIds: readonly LigandId[] = all
  .toSorted((a, b) => a.metals.Fe.ml.logK - b.metals.Fe.ml.logK)
  .map(({ id }) => id)

export const ligands = Object.fromEntries(all.map((ligand) => [ligand.id, ligand])) as Readonly<
  Record<LigandId, KnownLigand>
>

/**
 * A ligand of a source as the catalogue knows it.
 * @throws {CoreError} unknown-name for one that no form of iron brings
 */
export function knownLigand({ id }: Pick<Ligand, 'id'>): KnownLigand {
  const ligand = all.find((each) => each.id === id)
  if (ligand) return ligand
  throw new CoreError('ligand-unknown', {
    parameter: 'ligandId',
    received: id,
  })
}
