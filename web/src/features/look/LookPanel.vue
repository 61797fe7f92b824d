<script setup lang="ts">
import { useToasts } from '../../ui/use-toasts.ts'
import DayField from '../../ui/DayField.vue'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { lookRoutes } from '@spudder/contract/look'
import { useChange } from '../../api/use-change.ts'
import { CreateLookDto } from '@spudder/contract/look'
import {
  paintTier,
  readPaint,
  type FindingName,
  type LeafPaint,
  type LeafPattern,
  type Paint,
  type Severity,
} from '@spudder/core/seen/finding'
import { leavesOf } from '@spudder/core/seen/painter'
import { findPlant } from '@spudder/core/stand/plant'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useStandCase } from '../../shared/case/stand-case.ts'
import PlantFigure from '../../shared/figure/PlantFigure.vue'
import { renewedId } from '../../shared/form/kept.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import NextChecks from '../../shared/verdict/NextChecks.vue'
import VerdictRibbon from '../../shared/verdict/VerdictRibbon.vue'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import BrushChoice from './BrushChoice.vue'
import FindingWords from './FindingWords.vue'
import LookBar from './LookBar.vue'
import PHAndStory from './PHAndStory.vue'
import PhotoShelf from './PhotoShelf.vue'

const currency = useCurrency()
const {
  standId,
  stand,
  look,
  isDirty,
  change,
  forgetDraft,
  verdict,
  openChecks,
  checksFailure,
  checkAgain,
  hasFindings,
  figureKind,
} = useStandCase()
const router = useRouter()
const toasts = useToasts()
const store = useChange(lookRoutes.create, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateLookDto, () => store.error.value)

const severity = ref<Severity>(3)
/** The usual beginning: an iron leaf, which is striped where it is a blade. */
const pattern = ref<LeafPattern>(
  stand.value && findPlant(stand.value.plantId).leafForm === 'blade'
    ? 'stripes'
    : 'fine-green-veins',
)
const brush = computed<LeafPaint>(() => ({ severity: severity.value, pattern: pattern.value }))
/** By themselves: what is said of anything else does not draw the plant anew. */
const paint = computed(() => look.value.paint)
const roots = computed(() => look.value.findings.roots)
const leading = computed(() => verdict.value?.ranked[0])
const leaves = computed(() => (figureKind.value ? leavesOf(figureKind.value) : []))
/** Grass and rosettes grow from the middle: the oldest leaves are outside. */
const isFromTheMiddle = computed(() => ['tuft', 'channel', 'raft'].includes(figureKind.value ?? ''))
const leafForm = computed(() => (stand.value ? findPlant(stand.value.plantId).leafForm : 'ovate'))

/** What is painted decides the leaf findings; the others stay as they were said. */
function setPaint(paint: typeof look.value.paint): void {
  const {
    tier: _tier,
    pattern: _pattern,
    severity: _severity,
    oldPattern: _oldPattern,
    ...others
  } = look.value.findings
  change({ paint, findings: { ...others, ...readPaint(leaves.value, paint) } })
}
/** What was painted before each dab, so that the last can be undone. */
const dabs = ref<readonly Paint[]>([])
function paintLeaf(id: string): void {
  const before = look.value.paint
  const same = before[id]
  if (same?.severity === severity.value && same.pattern === pattern.value) return
  dabs.value = [...dabs.value, before]
  setPaint({ ...before, [id]: brush.value })
}
function undoDab(): void {
  const before = dabs.value.at(-1)
  dabs.value = dabs.value.slice(0, -1)
  if (before) setPaint(before)
}
function startOver(): void {
  const gone = look.value
  dabs.value = []
  forgetDraft()
  toasts.say('The look was cleared.', () => change(gone))
}

/**
 * A tier said in words moves what is painted, so that figure and words never disagree. Where nothing
 * is painted yet it says no more than it says: no pattern is made up for it.
 */
function say(name: FindingName, value: string | undefined): void {
  const isPainted = Object.keys(look.value.paint).length > 0
  if (name === 'tier' && value && isPainted) {
    const worn = severity.value === 0 ? { ...brush.value, severity: 3 as Severity } : brush.value
    setPaint(paintTier(leaves.value, value, worn))
    return
  }
  const { [name]: _before, ...others } = look.value.findings
  change({ findings: value === undefined ? others : { ...others, [name]: value } })
}
const rootOrder = ['white', 'tan', 'brown-soft', 'knotted', 'circling']
function nextRoots(): void {
  const at = rootOrder.indexOf(look.value.findings.roots ?? '')
  say('roots', rootOrder[at + 1])
}

async function save(): Promise<void> {
  const dto = checked({ ...look.value })
  if (!dto) return
  const stored = await store.send({ standId: standId.value, dto }, (problem) => {
    change({ id: renewedId(look.value.id, problem) })
  })
  if (!stored) return
  forgetDraft()
  toasts.say(store.isWaiting.value ? 'Look kept on this device.' : 'Look saved.')
  await router.push({ name: 'verdict' })
}
</script>

<template>
  <div v-if="stand" class="look stack items-start">
    <section class="drawn" aria-label="Drawn plant">
      <p class="hint">
        Take a colour and a pattern as your brush and paint the leaves as you see them. Touch the
        roots to say what they are like.
      </p>
      <BrushChoice v-model:severity="severity" v-model:pattern="pattern" :form="leafForm">
        <PlantFigure
          :context="stand.context"
          :plant-id="stand.plantId"
          :paint="paint"
          :roots="roots"
          is-paintable
          @paint="paintLeaf"
          @roots="nextRoots"
        />
        <div class="ages lined apart above-4" aria-hidden="true">
          <template v-if="isFromTheMiddle">
            <span>oldest outside</span><span>youngest in the middle</span>
          </template>
          <template v-else><span>oldest below</span><span>youngest on top</span></template>
        </div>
      </BrushChoice>
      <PHAndStory class="below" />
      <PhotoShelf class="below" />
    </section>

    <section class="words stack gap-12" aria-label="In words">
      <DayField
        class="day"
        label="Looked on"
        :model-value="look.lookedOn"
        :message="messageFor('lookedOn')"
        @update:model-value="change({ lookedOn: $event })"
      />
      <FindingWords :context="stand.context" :findings="look.findings" @say="say" />
    </section>

    <section class="verdict-side">
      <div class="verdict stack gap-10 sheet">
        <h2>Verdict so far</h2>
        <template v-if="verdict && hasFindings">
          <VerdictRibbon :verdict="verdict" :shown="4" />
          <WorkerNote :failure="checksFailure" @again="checkAgain" />
          <NextChecks
            v-if="openChecks"
            :checks="openChecks.checks"
            :verdict="verdict"
            :currency="currency"
            :shown="4"
            is-answerable
            @say="say"
          />
        </template>
        <p v-else class="faint">
          Paint a leaf, or say which leaves are pale, and the causes line up here.
        </p>
      </div>
    </section>

    <LookBar
      :so-far="leading && hasFindings ? leading : undefined"
      :is-begun="isDirty"
      :can-undo="dabs.length > 0"
      :can-save="hasFindings && isDirty"
      :is-saving="store.isLoading.value"
      :problem="store.error.value"
      @undo="undoDab"
      @clear="startOver"
      @save="save"
    />
  </div>
</template>

<style scoped>
.look {
  grid-template-columns: minmax(480px, 540px) minmax(260px, 1fr) minmax(300px, 350px);
  gap: 0 26px;
}
.hint,
.ages {
  font-size: var(--text-tiny);
  color: var(--slate);
}
.hint {
  margin-bottom: 6px;
}
.below {
  margin-top: 14px;
}
.verdict-side {
  position: sticky;
  top: 8px;
  max-height: calc(100vh - 80px);
  overflow-y: auto;
}
.verdict {
  padding: 12px 14px 14px;
}
.day {
  max-width: 190px;
}
@media (width < 1180px) {
  .look {
    grid-template-columns: minmax(420px, 1.2fr) minmax(260px, 1fr);
  }
  .verdict-side {
    grid-column: 1 / -1;
    margin-top: 18px;
    position: static;
    max-height: none;
  }
}
@media (width < 700px) {
  .look {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
  /* What is off a phone's screen is not drawn anew with each tap. */
  .drawn,
  .below,
  .verdict-side {
    content-visibility: auto;
    contain-intrinsic-height: auto 400px;
  }
}
</style>
