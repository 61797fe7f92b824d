import type { ProductDto } from '@spudder/contract/shelf'
import type { StandStoryDto } from '@spudder/contract/stand'
import { checkLabel } from '@spudder/core/label'
import {
  contentsOfLabel,
  contentsOfSource,
  type Application,
  type Contents,
} from '@spudder/core/season'
import { standingEntries } from '../ribbon/ribbon-model.ts'

type Story = Pick<StandStoryDto, 'entries' | 'jobs' | 'remedies'>
type Remedy = StandStoryDto['remedies'][number]

/** What a remedy's product brings: by its label, else by its form. */
export function contentsOf(
  { productId, sourceId, contentShare }: Pick<Remedy, 'productId' | 'sourceId' | 'contentShare'>,
  products: readonly ProductDto[],
): Contents {
  const product = products.find(({ id }) => id === productId)
  const label = product && checkLabel(product.label).label
  return label ? contentsOfLabel(label) : contentsOfSource(sourceId, contentShare)
}

/** Everything that went onto a stand or is planned for it. */
export function applicationsOf(
  story: Story,
  products: readonly ProductDto[],
): readonly Application[] {
  const remedyOf = (remedyId: string | null) => story.remedies.find(({ id }) => id === remedyId)
  const done = standingEntries(story.entries).flatMap(({ jobId, happenedOn, productKg }) => {
    const remedy = remedyOf(story.jobs.find(({ id }) => id === jobId)?.remedyId ?? null)
    return remedy
      ? [{ day: happenedOn, productKg, contents: contentsOf(remedy, products), isPlanned: false }]
      : []
  })
  const planned = story.jobs.flatMap(({ kind, status, remedyId, dueOn, share }) => {
    const remedy = remedyOf(remedyId)
    if (kind !== 'apply' || status !== 'planned' || !remedy) return []
    const productKg = remedy.productKg * share
    return [{ day: dueOn, productKg, contents: contentsOf(remedy, products), isPlanned: true }]
  })
  return [...done, ...planned]
}
