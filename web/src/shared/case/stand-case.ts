import type { CaseDto } from '@spudder/contract/case'
import { standingEntries } from '@spudder/core/days/entry'
import type { LookDto } from '@spudder/contract/look'
import type { PhotoDto } from '@spudder/contract/photo'
import type { RemedyDto } from '@spudder/contract/remedy'
import type { StandStoryDto } from '@spudder/contract/stand'
import { readRight } from '@spudder/core/seen/instrument'
import { countedReadings } from '@spudder/core/seen/reading'
import { diagnose, storyOf, type DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import { contexts } from '@spudder/core/stand/plant'
import { computed, inject, provide, ref, type ComputedRef, type InjectionKey } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useStory } from '../../api/stands.ts'
import { expectedOf } from '../known/known.ts'
import { useKnown } from '../known/use-known.ts'
import { seenColours, stripColours } from '../ribbon/seen-colour.ts'
import { today } from '../units/today.ts'
import { useOpenChecks } from '../verdict/use-open-checks.ts'
import { judgementOf } from './judgement.ts'
import { useLookDrafts, type LookDraft } from './look-drafts.ts'
import { useSettledLook } from './settled-look.ts'

function freshDraft(from: LookDto | undefined): LookDraft {
  return {
    id: crypto.randomUUID(),
    lookedOn: today(),
    findings: from?.findings ?? {},
    paint: from?.paint ?? {},
  }
}

/** The case that is worked on: the open one; none open, a new look opens one. */
const openCaseIn = (story: StandStoryDto): CaseDto | undefined =>
  story.cases.find(({ closedOn }) => closedOn === null)

/** Photos of the case shown, and those that the next look will take along. */
function photosOf(story: StandStoryDto | undefined, shown: CaseDto | undefined): PhotoDto[] {
  return (story?.photos ?? []).filter(({ caseId }) => caseId === null || caseId === shown?.id)
}

/** The rows of a story that belong to the case shown. */
function useCaseRows(story: ComputedRef<StandStoryDto | undefined>) {
  const openCase = computed(() => story.value && openCaseIn(story.value))
  /** The case shown: the open one, else the last one closed. */
  const shownCase = computed(() => openCase.value ?? story.value?.cases.at(-1))
  const ofCase = <Row extends { readonly caseId: string | null }>(
    rows: readonly Row[] | undefined,
  ): Row[] => (rows ?? []).filter(({ caseId }) => caseId === shownCase.value?.id)
  // Steps of an acid plan belong to no case: they stand beside those of the case shown.
  const besides = <Row extends { readonly caseId: string | null }>(rows: readonly Row[] = []) =>
    rows.filter(({ caseId }) => caseId === null || caseId === shownCase.value?.id)
  const looks = computed(() => ofCase(story.value?.looks))
  return {
    openCase,
    shownCase,
    looks,
    newestLook: computed(() => (openCase.value ? looks.value.at(-1) : undefined)),
    remedies: computed<RemedyDto[]>(() => ofCase(story.value?.remedies)),
    jobs: computed(() => besides(story.value?.jobs)),
    entries: computed(() => besides(story.value?.entries)),
    standing: computed(() => standingEntries(ofCase(story.value?.entries))),
    photos: computed(() => photosOf(story.value, shownCase.value)),
  }
}

type CaseRows = ReturnType<typeof useCaseRows>

/** Colours seen in the case, and how its last treatment is doing, or did when it was closed. */
function useJudged(
  story: ComputedRef<StandStoryDto | undefined>,
  { shownCase, standing }: CaseRows,
) {
  const store = useKnown()
  const known = computed(() => store.known)
  const seen = computed(() => seenColours(story.value?.readings ?? [], known.value.eyes))
  /** What was seen while the case was open: what came later is another story. */
  const seenInCase = computed(() => {
    const closedOn = shownCase.value?.closedOn
    return seen.value.filter(({ day }) => !closedOn || day <= closedOn)
  })
  const untreated = computed(() =>
    stripColours(story.value?.readings ?? [], 'untreated', known.value.eyes),
  )
  const judged = computed(() => {
    const stand = story.value?.stand
    return (
      stand &&
      judgementOf(
        standing.value,
        seenInCase.value,
        (entry) => expectedOf(known.value, entry, stand),
        untreated.value,
      )
    )
  })
  return { known, seen, judged }
}

/** The look being taken: it survives the page until it is kept or let go. */
function useLook(standId: ComputedRef<string>, { newestLook }: CaseRows) {
  const drafts = useLookDrafts()
  const look = computed<LookDraft>(
    () => drafts.drafts[standId.value] ?? freshDraft(newestLook.value),
  )
  return {
    look,
    isDirty: computed(() => drafts.drafts[standId.value] !== undefined),
    change: (part: Partial<LookDraft>) => drafts.keep(standId.value, { ...look.value, ...part }),
    forgetDraft: () => drafts.forget(standId.value),
  }
}

function buildStandCase(standId: ComputedRef<string>) {
  const query = useStory(() => standId.value)
  const { place } = usePlace()
  /** Everything that was told of it, made up or not: for lists that say which is which. */
  const whole = computed(() => query.data.value)
  const settings = computed(() => place.value?.settings ?? {})
  const knowing = useKnown()
  /** What verdicts, amounts and judgements may rest on, put right by what its instruments showed. */
  const story = computed(
    () =>
      whole.value && {
        ...whole.value,
        readings: countedReadings(whole.value.readings, settings.value).map((reading) =>
          readRight(knowing.known.ways, reading),
        ),
      },
  )
  const leftOut = computed(
    () => (whole.value?.readings.length ?? 0) - (story.value?.readings.length ?? 0),
  )
  const stand = computed(() => story.value?.stand)
  const rows = useCaseRows(story)
  const looking = useLook(standId, rows)
  const { look, isDirty } = looking
  const settled = useSettledLook(look)
  // An unchanged look is judged as of its day; one being taken, as of today.
  const lookedOn = computed(
    () => (isDirty.value ? settled.value : (rows.newestLook.value ?? settled.value)).lookedOn,
  )
  const findings = computed(() => settled.value.findings)

  const diagnosisInput = computed<DiagnosisInput | undefined>(() => {
    if (!story.value || !stand.value) return undefined
    const { context, plantId } = stand.value
    return {
      context,
      plantId,
      grown: stand.value.measures,
      lookedOn: lookedOn.value,
      latitude: place.value?.settings.latitude,
      findings: findings.value,
      ...storyOf(lookedOn.value, story.value.readings, story.value.events),
      school: place.value?.settings.ironSchool,
    }
  })
  return {
    /** The day last picked on the ribbon, for whatever asks for a day. */
    pickedDay: ref<string>(),
    standId,
    query,
    whole,
    story,
    /** How many made-up readings are kept out. */
    leftOut,
    stand,
    place,
    system: computed(() => place.value?.unitSystem ?? 'us'),
    figureKind: computed(() => stand.value && contexts[stand.value.context].figure),
    ...rows,
    ...useJudged(story, rows),
    ...looking,
    hasFindings: computed(() => Object.keys(findings.value).length > 0),
    verdict: computed(() => diagnosisInput.value && diagnose(diagnosisInput.value)),
    ...useOpenChecks(diagnosisInput),
  }
}

export type StandCase = ReturnType<typeof buildStandCase>

const standCaseKey: InjectionKey<StandCase> = Symbol('stand case')

/** Reads a stand and hands it to every panel of its page. */
export function provideStandCase(standId: ComputedRef<string>): StandCase {
  const standCase = buildStandCase(standId)
  provide(standCaseKey, standCase)
  return standCase
}

/** The stand of the page that this panel lies on. */
export function useStandCase(): StandCase {
  const standCase = inject(standCaseKey)
  if (!standCase) throw new Error('a panel of a stand lies outside its page')
  return standCase
}
