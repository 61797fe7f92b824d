<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { useSeen } from '../../api/use-seen.ts'
import { useChange } from '../../api/use-change.ts'
import { ChangeSprayerDto, toSetup, type SprayerDto } from '@spudder/contract/sprayer'
import { amountWords, quantityOf, valueIn, type UnitSystem } from '@spudder/core/base/quantity'
import { sprayerKindOf } from '@spudder/core/apply/sprayer'
import { waterRateWords } from '@spudder/core/days/sheet'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'
import {
  freshCalibration,
  offCalculated,
  readCalibration,
  testRunWords,
} from './calibration-draft.ts'
import TimedRun from './TimedRun.vue'

/** Measures with clean water what a sprayer really puts out, step by step. */
const props = defineProps<{ sprayer: SprayerDto; system: UnitSystem }>()
const emit = defineEmits<{ done: [] }>()
const { value: draft, forget } = useKept(`calibration:${props.sprayer.id}`, () =>
  freshCalibration(props.system),
)
const setup = computed(() => toSetup(props.sprayer.setup))
const read = computed(() => readCalibration(setup.value, draft.value))
const run = computed(() => testRunWords(setup.value, props.system))
const way = computed(() => sprayerKindOf(setup.value.kind).calibration)
const byNozzle = computed(() => way.value === 'catch-one-nozzle')
const byWater = computed(() => way.value === 'water-over-ground')
const off = computed(() =>
  read.value.rateLPerM2 === undefined
    ? undefined
    : offCalculated(setup.value, read.value.rateLPerM2),
)
const inUnit = (value: number, from: string, to: string) =>
  formatNumber(valueIn(quantityOf(value, from), to), 3)
const percent = (share: number) => `${share > 0 ? '+' : '−'}${Math.abs(Math.round(share * 100))} %`
const worn = computed(() => read.value.check?.nozzles.filter(({ isOff }) => isOff).length ?? 0)

const seen = useSeen(() => props.sprayer)
const change = useChange(sprayerRoutes.change, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeSprayerDto, () => change.error.value)
async function keep(): Promise<void> {
  const { rateLPerM2, how } = read.value
  const calibration = { measuredOn: today(), rateLPerM2, how }
  const dto = checked({ calibration, version: seen() })
  const kept = dto && (await change.send({ sprayerId: props.sprayer.id, dto }))
  if (!kept) return
  forget()
  emit('done')
}
</script>

<template>
  <form class="guide stack gap-12" @submit.prevent="keep">
    <h2>Calibrate {{ sprayer.name }}</h2>
    <p class="faint-note">
      Clean water only, over ground that bears it. Gloves on: old residues stay.
    </p>
    <ol>
      <li v-if="byNozzle">
        <p>
          <b>Check the nozzles.</b> Catch each one for the same time at the pressure of the job.
          Over 10 % off the mean: clean it, then replace it.
        </p>
        <TextField
          v-model="draft.nozzles"
          label="Caught, one amount a nozzle"
          :hint="
            system === 'us' ? 'for example 23, 22.5, 24, 27 fl oz' : 'for example 640, 655, 700 mL'
          "
          :message="read.problems['nozzles']"
        />
        <ul v-if="read.check" class="nozzles lined wrapped text-small">
          <li
            v-for="(nozzle, index) in read.check.nozzles"
            :key="index"
            :class="{ off: nozzle.isOff }"
          >
            {{ index + 1 }}: {{ amountWords('volume', nozzle.caughtL, system) }}
            <b>{{ percent(nozzle.offMean) }}</b>
            <template v-if="nozzle.isOff"> replace</template>
          </li>
        </ul>
        <p v-if="read.check && worn === 0" class="faint-note">All within 10 % of the mean.</p>
        <p v-if="worn > 0" class="stop">
          {{ worn }} of them off by more than 10 %: replace before you go on.
        </p>
      </li>
      <li v-if="byNozzle">
        <p>
          <b>Time a run of {{ run }}</b> in the gear and at the revs of the job, tank half full.
        </p>
        <div class="fields stack gap-10 items-start">
          <TextField
            v-model="draft.run"
            label="Or another run"
            :hint="`as long as you like; ${run} makes it 1/128 acre a nozzle`"
            :message="read.problems['run']"
          />
          <TimedRun v-model="draft.time" label="Time of the run" :message="read.problems['time']" />
        </div>
        <p v-if="read.speedKmPerH !== undefined" class="faint-note">
          {{
            system === 'us'
              ? `${inUnit(read.speedKmPerH, 'km/h', 'mi/h')} mph`
              : `${inUnit(read.speedKmPerH, 'km/h', 'km/h')} km/h`
          }}
        </p>
      </li>
      <li v-else>
        <p v-if="byWater">
          <b>Mark the ground and water it as you would spray it</b>, evenly, once over. Read the
          water meter, or fill a bucket for the same time.
        </p>
        <p v-else>
          <b>Mark the ground and time yourself over it</b> at your own pace, with the nozzle and the
          swing of the job. Twice, and take the mean.
        </p>
        <div class="fields stack gap-10 items-start">
          <TextField
            v-model="draft.area"
            label="Ground marked out"
            :message="read.problems['area']"
          />
          <TimedRun v-model="draft.time" label="Time over it" :message="read.problems['time']" />
        </div>
      </li>
      <li>
        <p>
          <b v-if="byNozzle">Stand still and catch one nozzle for that time.</b>
          <b v-else>Spray into a bucket for that time</b>
          <template v-if="!byNozzle">, or see how much fills the tank up again.</template>
        </p>
        <TextField
          v-model="draft.caught"
          :label="byWater ? 'Water used' : 'Caught'"
          :hint="
            system === 'us' ? 'for example 23 fl oz or 0.9 gal' : 'for example 680 mL or 3.4 L'
          "
          :message="read.problems['caught'] ?? messageFor('calibration.rateLPerM2')"
        />
      </li>
    </ol>
    <div v-if="read.rateLPerM2 !== undefined" class="sheet result">
      <p class="big text-huge text-heavy">{{ waterRateWords(read.rateLPerM2, system) }}</p>
      <p class="faint-note">
        <template v-if="system === 'us'"
          >{{ inUnit(read.rateLPerM2, 'L/m2', 'gal/acre') }} gal/acre</template
        >
        <template v-else>{{ inUnit(read.rateLPerM2, 'L/m2', 'L/ha') }} L/ha</template>
        <template v-if="off !== undefined">
          , {{ percent(off) }} against what nozzle, pressure and speed should give.
          <template v-if="Math.abs(off) > 0.1"> Look for wear, gauge or speed.</template>
        </template>
      </p>
    </div>
    <ProblemNote :problem="change.error.value" />
    <div class="lined gap-8">
      <Button
        type="primary"
        size="large"
        html-type="submit"
        :disabled="read.rateLPerM2 === undefined"
        :loading="change.isLoading.value"
        >Save</Button
      >
      <Button type="text" @click="emit('done')">Later</Button>
    </div>
  </form>
</template>

<style scoped>
ol {
  display: grid;
  gap: 16px;
  padding-left: 20px;
}
ol > li > * + * {
  margin-top: 6px;
}
.fields {
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
}
.nozzles {
  gap: 4px 14px;
  font-variant-numeric: tabular-nums;
}
.nozzles .off {
  color: var(--rust);
  font-weight: 600;
}
.result {
  padding: 12px 16px;
}
.big {
  letter-spacing: -0.018em;
}
</style>
