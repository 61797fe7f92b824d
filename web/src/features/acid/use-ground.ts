import { toStandSize, type StandDto } from '@spudder/contract/stand'
import {
  acidGround,
  acidNeed,
  feasibility,
  tableFigures,
  treatedGround,
  type AcidGroundFacts,
} from '@spudder/core/soil/acid-plan'
import { reckon } from '@spudder/core/base/error'
import { acidNeeded, limeLoad, mgCaCO3PerMeq, pHAtAlkalinity } from '@spudder/core/soil/water'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { today } from '../../shared/units/today.ts'
import type { AcidDraft } from './acid-draft.ts'
import { groundReadings, pHToStartFrom } from './acid-facts.ts'

/** What was reckoned, or in words why it could not be. */
type Said<Value> = { readonly value: Value } | { readonly problem: string }

/** Runs what may refuse its input; the refusal is said to the user. */
export function reckonInWords<Value>(work: () => Value): Said<Value> {
  const { value, error } = reckon(work)
  if (!error) return { value: value as Value }
  const got = error.received === undefined ? '' : `, not ${error.received}`
  const name = error.parameter.replace(/^[a-z](?!H)/, (first) => first.toUpperCase())
  return { problem: `${name}: give ${error.expected}${got}.` }
}

/** The optional number of a text field: absent when it is left empty. */
const optional = (text: string): number | undefined =>
  text.trim() === '' ? undefined : numberIn(text)

/** The ground, how far it has to go, and whether it can. */
export function useGround(
  stand: StandDto,
  draft: Ref<AcidDraft>,
  plan: ComputedRef<{ startsOn: string; fromPH: number; pHDoubt: number } | undefined>,
) {
  const { story, system } = useStandCase()
  const depthM = ref<number>()
  const waterMm = ref<number>()
  const size = toStandSize(stand.size)
  const treated = reckonInWords(() => treatedGround(size, stand.measures?.groundM2))

  /** Where the path begins: at that of the plan under way, else at the pH of today. */
  const start = computed(() => {
    if (plan.value && !draft.value.isAnew) {
      const { startsOn, fromPH, pHDoubt } = plan.value
      return { startsOn, pH: fromPH, doubt: pHDoubt }
    }
    const known = story.value && pHToStartFrom(story.value, today())
    return known && { startsOn: today(), ...known }
  })
  const facts = computed<AcidGroundFacts | undefined>(() => {
    if (!story.value || !start.value) return undefined
    const { texture, fizz, bufferTest, titrated } = draft.value
    return {
      ...groundReadings(story.value, bufferTest),
      texture: texture === '' ? undefined : texture,
      fizz,
      pH: Number(start.value.pH.toFixed(2)),
      pHDoubt: start.value.doubt,
      depthM: depthM.value ?? Number.NaN,
      titratedMmol: optional(titrated),
    }
  })
  const ground = computed(() => {
    const given = facts.value
    return given && reckonInWords(() => acidGround(given))
  })
  const known = computed(() =>
    ground.value && 'value' in ground.value ? ground.value.value : undefined,
  )
  const targetPH = computed(() => numberIn(draft.value.targetPH))
  const need = computed(() => {
    const from = known.value
    return from && reckonInWords(() => acidNeed(from, targetPH.value))
  })
  const needed = computed(() =>
    need.value && 'value' in need.value ? need.value.value : undefined,
  )

  /** The pH that acid brings the water to, and the alkalinity that it leaves. */
  const acidAim = computed(() => {
    const { alkalinity, acidId, acidAim: aim, waterPH, leaveAlkalinity, bringToPH } = draft.value
    if (acidId === '') return undefined
    return reckonInWords(() => {
      const test = { alkalinityMgPerLCaCO3: numberIn(alkalinity), pH: numberIn(waterPH) }
      const targetPH =
        aim === 'pH' ? numberIn(bringToPH) : pHAtAlkalinity(test, numberIn(leaveAlkalinity))
      const taken = acidNeeded(test, targetPH) * mgCaCO3PerMeq
      return { test, targetPH, left: Math.max(0, test.alkalinityMgPerLCaCO3 - taken) }
    })
  })
  /** Lime that the water brings, and what acid in it leaves. */
  const water = computed(() => {
    const { alkalinity, acidId } = draft.value
    const [mm, full] = [waterMm.value ?? 0, optional(alkalinity) ?? 0]
    const aim = acidAim.value
    const left = acidId !== '' && aim && 'value' in aim ? aim.value.left : full
    return { mm, full, left }
  })
  const load = computed(() => reckonInWords(() => limeLoad(water.value.mm, water.value.full)))
  const verdict = computed(() => {
    const [from, way] = [known.value, needed.value]
    if (!from || !way) return undefined
    const perLitre = water.value.left / mgCaCO3PerMeq / 1000
    return feasibility({
      ground: from,
      need: way,
      situation: draft.value.situation,
      waterMolPerYear: water.value.mm * perLitre,
      system: system.value,
    })
  })
  const tables = computed(() =>
    known.value && needed.value?.direction === 'down'
      ? tableFigures(known.value.pH, targetPH.value, known.value.depthM)
      : [],
  )
  const problems = computed(() =>
    [ground.value, need.value, load.value, treated].flatMap((each) =>
      each && 'problem' in each ? [each.problem] : [],
    ),
  )
  return {
    depthM,
    waterMm,
    groundM2: 'value' in treated ? treated.value : undefined,
    start,
    ground: known,
    need: needed,
    targetPH,
    water,
    acidAim,
    load: computed(() => ('value' in load.value ? load.value.value : undefined)),
    verdict,
    tables,
    problems,
  }
}
