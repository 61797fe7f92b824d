import { type EntryDto } from '@spudder/contract/entry'
import { leafLayerOf, leafRetentionAt } from '@spudder/core/apply/sprayer'
import { standingEntries } from '@spudder/core/days/entry'
import { allCauses } from '@spudder/core/verdict/diagnosis'
import type { Findings } from '@spudder/core/seen/finding'
import { workingCourse } from '@spudder/core/material/persistence'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { fitRecovery, whiteBelow, type FittedRecovery } from '@spudder/core/outcome/regreening'
import { reviewNoResponse, type Review, type ReviewFacts } from '@spudder/core/verdict/review'
import { ironSourceIds, type IronSourceId } from '@spudder/core/material/source'
import { computed, ref } from 'vue'
import { useShelf } from '../../api/shelf.ts'
import { judgementOf, type TreatmentJudgement } from '../../shared/case/judgement.ts'
import { pHAt } from '../../shared/case/pH-now.ts'
import { useStandCase, type StandCase } from '../../shared/case/stand-case.ts'
import { expectedOf } from '../../shared/known/known.ts'
import { seenColours, stripColours } from '../../shared/ribbon/seen-colour.ts'
import { claimedByIron, type Claimed } from './claimed-by-iron.ts'

type Story = NonNullable<StandCase['story']['value']>

/** What a look found last among the looks of a case. */
function lastFinding(looks: Story['looks'], name: keyof Findings): string | undefined {
  return looks.findLast(({ findings }) => findings[name] !== undefined)?.findings[name]
}

/** Chance of iron, and the likeliest other cause, by the verdict that the remedy rested on. */
function verdictFacts(
  story: Story,
  entry: EntryDto,
): Pick<ReviewFacts, 'ironChance' | 'otherCause'> {
  const job = story.jobs.find(({ id }) => id === entry.jobId)
  const remedy = story.remedies.find(({ id }) => id === job?.remedyId)
  if (!remedy) return {}
  const named = remedy.verdict.map(({ causeId, probability }) => ({
    cause: allCauses.find(({ id }) => id === causeId),
    chance: probability,
  }))
  const ironChance = named.reduce(
    (sum, { cause, chance }) => sum + (cause?.remedy === 'iron' ? chance : 0),
    0,
  )
  const other = named.find(({ cause }) => cause && cause.remedy !== 'iron')
  return {
    ironChance,
    otherCause: other?.cause && { name: other.cause.name.toLowerCase(), chance: other.chance },
  }
}

const isIron = (id: string): id is IronSourceId => (ironSourceIds as readonly string[]).includes(id)

/** How much water went out, by ground or by plant, and how much of a spray stays at that. */
function waterFacts(
  { stand }: Story,
  entry: EntryDto,
): Pick<ReviewFacts, 'waterMm' | 'waterPerPlantL' | 'stayed'> {
  const { size, context } = stand
  if (size.kind === 'trunks' && size.count) return { waterPerPlantL: entry.waterL / size.count }
  if (size.kind !== 'area' || !size.areaM2 || entry.waterL <= 0) return {}
  const waterMm = entry.waterL / size.areaM2
  return entry.route === 'leaf'
    ? { waterMm, stayed: leafRetentionAt(waterMm, undefined, leafLayerOf(context)) }
    : { waterMm }
}

/** Everything the record knows of why a treatment may have done nothing. */
function reviewFactsOf(
  story: Story,
  judged: TreatmentJudgement,
  caseId: string | undefined,
  system: UnitSystem,
): ReviewFacts {
  const { entry, response, before, judgement } = judged
  const looks = story.looks.filter((look) => look.caseId === caseId)
  const belief = pHAt(story, entry.happenedOn)
  const dueByDays = response.full.high
  return {
    system,
    route: entry.route,
    appliedName: entry.appliedName,
    rainAfterMm: entry.weather?.rainAfterMm,
    ...waterFacts(story, entry),
    pH: belief?.pH,
    working:
      belief && isIron(entry.sourceId)
        ? workingCourse(entry.sourceId, entry.route, belief).mean(dueByDays)
        : undefined,
    leafPaint: lastFinding(looks, 'leafPaint'),
    ...verdictFacts(story, entry),
    roots: lastFinding(looks, 'roots'),
    wetness: lastFinding(looks, 'wetness'),
    warmth: lastFinding(looks, 'warmth'),
    lookedAfterDays: judgement.gains.at(-1)?.days ?? 0,
    dueByDays,
    wasWhite: before.greenness < whiteBelow.value,
  }
}

/** The case that is watched: the one shown, or an earlier one that somebody looks back at. */
export function useWatchedCase() {
  const { story, stand, shownCase, system, known } = useStandCase()
  const { data: products } = useShelf(() => stand.value?.placeId)
  const chosenId = ref<string>()
  const watched = computed(
    () => story.value?.cases.find(({ id }) => id === chosenId.value) ?? shownCase.value,
  )
  const within = (day: string) => !watched.value?.closedOn || day <= watched.value.closedOn
  const seen = computed(() =>
    seenColours(story.value?.readings ?? [], known.value.eyes).filter(({ day }) => within(day)),
  )
  const stripOf = (strip: 'untreated' | 'no-nitrogen') =>
    stripColours(story.value?.readings ?? [], strip, known.value.eyes).filter(({ day }) =>
      within(day),
    )
  const strips = computed(() => stripOf('untreated'))
  const bare = computed(() => stripOf('no-nitrogen'))
  const judged = computed(() => {
    const of = watched.value
    const on = stand.value
    if (!story.value || !on || !of) return undefined
    const entries = standingEntries(story.value.entries.filter(({ caseId }) => caseId === of.id))
    return judgementOf(
      entries,
      seen.value,
      (entry) => expectedOf(known.value, entry, on),
      strips.value,
    )
  })
  const fitted = computed<FittedRecovery | undefined>(() => {
    if (!judged.value) return undefined
    const { response, before, judgement } = judged.value
    return fitRecovery(response, before, judgement.gains)
  })
  const review = computed<Review | undefined>(() =>
    story.value && judged.value?.judgement.word === 'no response'
      ? reviewNoResponse(reviewFactsOf(story.value, judged.value, watched.value?.id, system.value))
      : undefined,
  )
  const claimed = computed<Claimed | undefined>(() =>
    story.value && judged.value
      ? claimedByIron({
          story: story.value,
          products: products.value ?? [],
          judged: judged.value,
          colours: { seen: seen.value, untreated: strips.value, withoutNitrogen: bare.value },
        })
      : undefined,
  )
  return { story, stand, system, watched, chosenId, seen, strips, judged, fitted, review, claimed }
}
