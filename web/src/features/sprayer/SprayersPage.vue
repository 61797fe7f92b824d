<script setup lang="ts">
import RoleNote from '../../shared/role/RoleNote.vue'
import FoldBox from '../../ui/FoldBox.vue'
import { Button } from 'ant-design-vue'
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { useChange } from '../../api/use-change.ts'
import { isNone } from '@spudder/core/base/reference'
import { toSetup, type SprayerDto } from '@spudder/contract/sprayer'
import { amountWords, percent } from '@spudder/core/base/quantity'
import { waterRateWords } from '@spudder/core/days/sheet'
import {
  areaOfTank,
  boomDerivation,
  deliveryOf,
  dropsOf,
  hasNozzles,
  leafRetentionAt,
  nozzleFlow,
  nozzleKinds,
  sprayerKindOf,
} from '@spudder/core/apply/sprayer'
import { computed, ref, watch } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useSprayers } from '../../api/sprayers.ts'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords } from '../../shared/units/today.ts'
import { useUndo } from '../../shared/history/use-undo.ts'
import CalibrationGuide from './CalibrationGuide.vue'
import { draftOfSetup, freshSetupDraft } from './setup-draft.ts'
import SetupForm from './SetupForm.vue'
import TargetRate from './TargetRate.vue'

/** What the place sprays with, and what each of them really puts out. */
const { place } = usePlace()
const system = computed(() => place.value?.unitSystem ?? 'us')
const sprayers = useSprayers(() => place.value?.id)
const inUse = computed(() => (sprayers.data.value ?? []).filter(({ isRetired }) => !isRetired))
const { value: draft } = useKept('sprayer', () => freshSetupDraft(system.value))
// The units of the place come with its first answer; nothing is typed yet then.
watch(system, (now) => {
  if (draft.value.name === '' && !draft.value.editing) draft.value = freshSetupDraft(now)
})

const undo = useUndo()
const calibrating = ref<string>()
const kept = ref('')
const change = useChange(sprayerRoutes.change, { told: 'beside' })

const facts = computed(() =>
  inUse.value.map((sprayer) => {
    const setup = toSetup(sprayer.setup)
    const delivery = deliveryOf(setup, sprayer.calibration ?? undefined)
    const drop = dropsOf(setup)
    return {
      sprayer,
      setup,
      drop,
      rate: delivery && waterRateWords(delivery.rateLPerM2, system.value),
      isMeasured: delivery?.from === 'measured',
      tankArea: delivery && amountWords('area', areaOfTank(setup, delivery), system.value, 2),
      how: hasNozzles(setup)
        ? boomDerivation({
            ...setup,
            flowLPerMin: nozzleFlow(setup.nozzleSize, setup.pressureBar),
          })
        : undefined,
      retention: delivery && leafRetentionAt(delivery.rateLPerM2, drop),
    }
  }),
)
/** What counts by plant or by water, not by ground, is not calibrated by ground. */
const canCalibrate = ({ setup }: SprayerDto) => !isNone(sprayerKindOf(setup.kind).calibration)

function edit(sprayer: SprayerDto): void {
  draft.value = {
    ...freshSetupDraft(system.value),
    ...draftOfSetup(sprayer.setup, system.value),
    editing: sprayer.id,
    seen: String(sprayer.version),
    name: sprayer.name,
  }
}
const retired = computed(() => (sprayers.data.value ?? []).filter(({ isRetired }) => isRetired))
async function setRetired({ id, name, version }: SprayerDto, isRetired: boolean): Promise<void> {
  if (!(await change.send({ sprayerId: id, dto: { isRetired, version } }))) return
  undo.offer(isRetired ? `${name} is retired.` : `${name} is in use again.`, change.lastId())
}
function stored(name: string): void {
  kept.value = `${name} is kept.`
}
</script>

<template>
  <h1>Sprayers</h1>
  <RoleNote needs="plan" />
  <p class="text-slate above-4">
    What you spray and drench with. Measured once with water, every plan counts on what really comes
    out.
  </p>
  <div class="page stack gap-32 above-16 items-start">
    <section aria-label="Sprayers" class="list stack gap-16">
      <article v-for="each in facts" :key="each.sprayer.id" class="sheet sprayer stack gap-8">
        <div class="lined gap-16 apart items-start wrapped">
          <div>
            <h2>{{ each.sprayer.name }}</h2>
            <p class="faint-note">
              {{ sprayerKindOf(each.setup.kind).label }},
              {{ amountWords('volume', each.setup.tankL, system, 2)
              }}<template v-if="hasNozzles(each.setup)"
                >, {{ each.setup.nozzleCount }} {{ nozzleKinds[each.setup.nozzleKind].label }}
                {{ each.setup.nozzleSize }}</template
              ><template v-if="'ratio' in each.setup">, 1:{{ each.setup.ratio }}</template>
            </p>
          </div>
          <p v-if="each.rate" class="big text-large text-heavy">{{ each.rate }}</p>
        </div>
        <p v-if="each.isMeasured && each.sprayer.calibration" class="faint-note">
          Measured {{ dayWords(each.sprayer.calibration.measuredOn) }}:
          <q>{{ each.sprayer.calibration.how }}</q>. A tank does {{ each.tankArea }}.
        </p>
        <p v-else-if="each.rate" class="stop">
          Calculated from nozzle, pressure and speed; nobody measured it yet.
        </p>
        <p v-else-if="canCalibrate(each.sprayer)" class="stop">
          Not calibrated: nobody knows what it puts out.
        </p>
        <p v-if="each.retention" class="faint-note">
          Of a leaf spray about {{ percent(each.retention.usual) }} stays on the leaf ({{
            percent(each.retention.low)
          }}
          to {{ percent(each.retention.high) }}); the rest runs off.
          <template v-if="each.drop">
            Drops {{ each.drop.label }}: {{ each.drop.words }}.
          </template>
        </p>
        <HowGot v-if="each.how && !each.isMeasured" :derivation="each.how" />
        <div class="lined gap-16">
          <Button
            v-if="canCalibrate(each.sprayer)"
            size="small"
            :aria-label="`Calibrate ${each.sprayer.name}`"
            @click="calibrating = calibrating === each.sprayer.id ? undefined : each.sprayer.id"
          >
            Calibrate
          </Button>
          <Button
            size="small"
            :aria-label="`Change ${each.sprayer.name}`"
            @click="edit(each.sprayer)"
          >
            Change
          </Button>
          <Button
            size="small"
            :aria-label="`Retire ${each.sprayer.name}`"
            @click="setRetired(each.sprayer, true)"
          >
            Retire
          </Button>
        </div>
        <CalibrationGuide
          v-if="calibrating === each.sprayer.id"
          :sprayer="each.sprayer"
          :system="system"
          @done="calibrating = undefined"
        />
        <FoldBox v-if="hasNozzles(each.setup)" words="Bring it to a rate">
          <TargetRate :setup="each.setup" :system="system" />
        </FoldBox>
      </article>
      <p v-if="sprayers.status.value === 'success' && inUse.length === 0" class="empty">
        No sprayer yet. Add the one you use most; the first calibration takes ten minutes.
      </p>
      <FoldBox v-if="retired.length > 0"
        ><template #head>{{ retired.length }} retired</template>
        <ul class="plain-list">
          <li v-for="each in retired" :key="each.id">
            {{ each.name }}
            <Button
              size="small"
              :aria-label="`Use ${each.name} again`"
              @click="setRetired(each, false)"
              >Use again</Button
            >
          </li>
        </ul>
      </FoldBox>
      <ProblemNote :problem="sprayers.error.value ?? change.error.value" />
      <p v-if="kept" role="status" class="faint-note">{{ kept }}</p>
    </section>
    <section v-if="place" aria-label="Add or change a sprayer">
      <SetupForm v-model="draft" :place-id="place.id" :system="system" @kept="stored" />
    </section>
  </div>
</template>

<style scoped>
.page {
  grid-template-columns: minmax(0, 1.35fr) minmax(300px, 1fr);
}
.sprayer {
  padding: 14px 16px;
}
.big {
  letter-spacing: -0.016em;
}
details > :deep(section) {
  margin-top: 8px;
}
.empty {
  padding: 14px 0;
}
@media (width < 900px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
