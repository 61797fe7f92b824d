import { groundOf } from '@spudder/core/stand/plant'
import type { StandDto } from '@spudder/contract/stand'
import { applicationsOf, contentsOf } from '@spudder/core/days/entry'
import { seasonSums } from '@spudder/core/soil/season'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { today } from '../../shared/units/today.ts'
import type { RemedyFacts } from './remedy-facts.ts'
import type { useRemedyDraft } from './use-remedy-draft.ts'

/** Sums of the season with what is being put together on top. */
export function useRemedySums(
  stand: StandDto,
  { products, size }: RemedyFacts,
  remedy: ReturnType<typeof useRemedyDraft>,
) {
  const { story, place } = useStandCase()
  const { draft, chosen, amount, contentShare } = remedy
  return computed(() => {
    const total = amount.value.value
    if (!story.value || !total || !chosen.value) return []
    const day = draft.value.applyOn || today()
    const contents = contentsOf(
      {
        productId: chosen.value.origin === 'shelf' ? chosen.value.id : null,
        sourceId: chosen.value.sourceId,
        contentShare: contentShare.value,
      },
      products.value,
    )
    return seasonSums({
      context: stand.context,
      plantId: stand.plantId,
      on: day,
      groundM2: groundOf(size, stand.measures ?? {}),
      ownLimits: place.value?.settings.seasonLimits,
      applications: [
        ...applicationsOf(story.value, products.value),
        { day, productKg: total.productKg, contents, isPlanned: true },
      ],
    })
  })
}
