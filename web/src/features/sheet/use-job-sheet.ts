import { groundShare, putsOut } from '@spudder/core/days/plan'
import { buildSheet, buildStepSheet } from '@spudder/core/days/sheet'
import { fillEnds, type Outline } from '@spudder/core/stand/ground'
import type { JobDto } from '@spudder/contract/job'
import { computed, type ComputedRef } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useShelf } from '../../api/shelf.ts'
import { useSprayers } from '../../api/sprayers.ts'
import { useStory } from '../../api/stands.ts'
import { plannedOf } from '../../shared/record/record-draft.ts'
import { sheetInputOf, stepSheetInputOf } from '../../shared/sheet/sheet-of-job.ts'
import { today } from '../../shared/units/today.ts'

interface StepSources {
  readonly query: ReturnType<typeof useStory>
  readonly place: ReturnType<typeof usePlace>['place']
  readonly job: ComputedRef<JobDto | undefined>
  readonly shelf: ReturnType<typeof useShelf>
}

/** What the sheet of a step of an acid plan is made of; undefined for every other job. */
const useStepInput = ({ query, place, job, shelf }: StepSources) =>
  computed(() => {
    const plan = query.data.value?.acidPlans.find(({ id }) => id === job.value?.acidPlanId)
    if (!place.value || !query.data.value || !job.value || !plan) return undefined
    if (shelf.status.value === 'pending') return undefined
    return stepSheetInputOf({
      place: place.value,
      story: query.data.value,
      job: job.value,
      plan,
      products: shelf.data.value ?? [],
      today: today(),
    })
  })

/** The sheet of a job, and where on the ground each of its fills ends. */
export function useJobSheet(standId: () => string, jobId: () => string) {
  const query = useStory(standId)
  const { place } = usePlace()
  const shelf = useShelf(() => place.value?.id)
  const sprayers = useSprayers(() => place.value?.id)

  const job = computed(() => query.data.value?.jobs.find(({ id }) => id === jobId()))
  const remedy = computed(() =>
    query.data.value?.remedies.find(({ id }) => id === job.value?.remedyId),
  )
  const input = computed(() => {
    if (!place.value || !query.data.value || !job.value || !remedy.value) return undefined
    // A sheet half made would leave out the sprayer or the lot.
    if (shelf.status.value === 'pending' || sprayers.status.value === 'pending') return undefined
    return sheetInputOf({
      place: place.value,
      story: query.data.value,
      job: job.value,
      remedy: remedy.value,
      products: shelf.data.value ?? [],
      sprayers: sprayers.data.value ?? [],
      today: today(),
    })
  })
  const stepInput = useStepInput({ query, place, job, shelf })
  const sheet = computed(() => {
    if (stepInput.value) return buildStepSheet(stepInput.value)
    return input.value && buildSheet(input.value)
  })
  const outline = computed<Outline>(() => input.value?.stand.outline ?? [])
  const ends = computed(() => {
    const boxes = sheet.value?.boxes ?? []
    const { tankL, waterL } = input.value?.work ?? {}
    if (outline.value.length < 3 || !tankL || !waterL || boxes.length > 8) return []
    return fillEnds(
      outline.value,
      boxes.map(({ number }) =>
        groundShare(Math.min(1, (number * tankL) / waterL), input.value?.strip),
      ),
    )
  })
  /** What its record is begun with. */
  const planned = computed(
    () =>
      job.value &&
      plannedOf(job.value, remedy.value, {
        products: shelf.data.value ?? [],
        sprayers: sprayers.data.value ?? [],
      }),
  )
  const isMissing = computed(
    () => query.status.value === 'success' && (!job.value || !putsOut(job.value.kind)),
  )
  /** A sheet with much on it is set smaller on paper, so that it stays one page. */
  const isDense = computed(() => {
    if (!sheet.value) return false
    const { boxes, order, sprayer, cautions } = sheet.value
    const longest = Math.max(order.length, sprayer.length * 1.5 + 5)
    return Math.ceil(boxes.length / 3) + longest + cautions.length > 20
  })
  return { query, place, job, sheet, outline, ends, planned, isDense, isMissing }
}
