<script setup lang="ts">
import {
  CreateDrillDto,
  CreateOwnDrillDto,
  drillRoutes,
  type DrillDto,
} from '@spudder/contract/drill'
import { contexts } from '@spudder/core/stand/plant'
import { causeOf, checksOf, drillKinds, knownAfter, offeredIn } from '@spudder/core/verdict/drill'
import { midSentence } from '@spudder/core/base/writing'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useChange } from '../../api/use-change.ts'
import PlantFigure from '../../shared/figure/PlantFigure.vue'
import { renewedId } from '../../shared/form/kept.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import AskChecks from './AskChecks.vue'
import FoundList from './FoundList.vue'
import { drilledOf, useDrillDraft, type DrillDraft } from './drill-draft.ts'

/** A case under way: what is seen, what may be asked, and what is said of it. */
const props = defineProps<{ placeId: string; draft: DrillDraft }>()
const emit = defineEmits<{ answered: [drill: DrillDto] }>()
const drilling = useDrillDraft()

const drilled = computed(() => drilledOf(props.draft))
const spec = computed(() => drilled.value.spec)
const offered = computed(() => offeredIn(drilled.value))
const plant = computed(() => drilled.value.plants[0])
const known = computed(() => plant.value && knownAfter(plant.value, props.draft.asked))
const options = computed(() => offered.value.map(({ id, name }) => ({ value: id, words: name })))
const said = computed({
  get: () => props.draft.saidId,
  set: (saidId: string | undefined) => drilling.change({ saidId: saidId ?? '' }),
})
const asks = computed(() =>
  spec.value.kind === 'leaf'
    ? `Which of these plants shows: ${midSentence(causeOf(spec.value.causeId).name)}?`
    : 'What is it?',
)

const store = useChange(drillRoutes.record, { told: 'beside' })
const ownStore = useChange(drillRoutes.recordOwn, { told: 'beside' })
const problem = computed(() => store.error.value ?? ownStore.error.value)
const isSending = computed(() => store.isLoading.value || ownStore.isLoading.value)
const { checked } = useChecked(CreateDrillDto, () => store.error.value)
const { checked: checkedOwn } = useChecked(CreateOwnDrillDto, () => ownStore.error.value)
/** Sent again after it was refused it is another answer. */
const renew = (id: string) => (refused: unknown) => {
  drilling.change({ id: renewedId(id, refused) })
}

async function send(saidId: string): Promise<DrillDto | undefined> {
  const { id, asked, own, spec: drawn } = props.draft
  const answeredOn = today()
  const { placeId } = props
  if (own) {
    const dto = checkedOwn({ id, caseId: own.caseId, saidId, answeredOn })
    return dto && (await ownStore.send({ placeId, dto }, renew(id)))
  }
  if (!drawn) return undefined
  const { against, ...rest } = drawn
  const beside = against === null ? {} : { against }
  const dto = checked({ id, ...rest, ...beside, saidId, asked: [...asked], answeredOn })
  return dto && (await store.send({ placeId, dto }, renew(id)))
}
async function answer(saidId: string): Promise<void> {
  drilling.change({ saidId })
  const stored = await send(saidId)
  if (!stored) return
  emit('answered', stored)
  drilling.end()
}
</script>

<template>
  <section class="case sheet stack gap-12 above-12" aria-label="Case">
    <div class="lined gap-16 apart wrapped">
      <h2>{{ asks }}</h2>
      <p class="faint-note">
        {{ contexts[spec.context].label }} · {{ drillKinds[spec.kind].label }}
      </p>
    </div>
    <ol v-if="spec.kind === 'leaf'" class="plants plain">
      <li v-for="(each, index) in drilled.plants" :key="index" class="stack gap-6">
        <PlantFigure :context="spec.context" :plant-id="spec.plantId" :paint="each.paint" />
        <Button
          block
          size="large"
          :loading="isSending && draft.saidId === each.causes[0]?.id"
          @click="answer(each.causes[0]?.id ?? '')"
        >
          Plant {{ index + 1 }}
        </Button>
      </li>
    </ol>
    <div v-else-if="plant && known" class="one stack gap-24 items-start">
      <PlantFigure
        :context="spec.context"
        :plant-id="spec.plantId"
        :paint="plant.paint"
        :roots="known.get('roots')"
      />
      <div class="stack gap-16">
        <FoundList :known="known" :story="plant.story" />
        <AskChecks
          v-if="spec.kind === 'case'"
          :checks="checksOf(drilled)"
          :asked="draft.asked"
          :known="known"
          @ask="drilling.change({ asked: [...draft.asked, $event] })"
        />
        <div class="stack gap-10">
          <ChoiceField
            v-if="spec.kind === 'case'"
            v-model="said"
            label="Treat for"
            :options="options"
          />
          <ChipChoice v-else v-model="said" label="It is" :options="options" />
          <div>
            <Button
              type="primary"
              size="large"
              :disabled="said === ''"
              :loading="isSending"
              @click="answer(said)"
            >
              {{ spec.kind === 'case' ? 'Treat, and see what comes' : 'That is it' }}
            </Button>
          </div>
        </div>
      </div>
    </div>
    <ProblemNote :problem="problem" />
    <div>
      <ConfirmButton
        words="Leave off"
        question="Leave this case off?"
        about="What was asked in it is not kept."
        sure="Leave it off"
        @confirm="drilling.end"
      />
    </div>
  </section>
</template>

<style scoped>
.case {
  padding: 16px;
}
.plants {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 16px;
}
.one {
  grid-template-columns: minmax(0, 1fr);
}
@media (width >= 900px) {
  .one {
    grid-template-columns: minmax(0, 360px) minmax(0, 1fr);
  }
}
</style>
