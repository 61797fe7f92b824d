<script setup lang="ts">
import { jobRoutes } from '@spudder/contract/job'
import { useChange } from '../../api/use-change.ts'
import { stockOfPlan } from '@spudder/contract/planning'
import { amountWords } from '@spudder/core/base/quantity'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { usePlace } from '../../api/places.ts'
import { usePlanning } from '../../api/planning.ts'
import { useShelf } from '../../api/shelf.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { dayWords, today } from '../../shared/units/today.ts'

/** What the plan takes from the shelf: what runs short, when, for which stand, and by when to order. */
const { place } = usePlace()
const placeId = () => place.value?.id
const planning = usePlanning(placeId)
const shelf = useShelf(placeId)
const order = useChange(jobRoutes.order, { told: 'beside' })
const system = computed(() => place.value?.unitSystem ?? 'us')
const forecasts = computed(() =>
  planning.data.value
    ? stockOfPlan(planning.data.value, shelf.data.value ?? [], {
        today: today(),
        leadDays: place.value?.settings.work?.leadDays,
      })
    : [],
)
const standName = (id: string | undefined) =>
  planning.data.value?.stands.find((stand) => stand.id === id)?.name ?? ''
const mass = (kg: number) => amountWords('mass', kg, system.value)

async function planOrder(each: (typeof forecasts.value)[number]): Promise<void> {
  const id = placeId()
  if (id === undefined || each.orderBy === undefined || each.shortStandId === undefined) return
  const dueOn = each.orderBy < today() ? today() : each.orderBy
  const dto = {
    id: crypto.randomUUID() as string,
    standId: each.shortStandId,
    productId: each.productId,
    plannedKg: each.buyKg,
    dueOn,
  }
  await order.send({ placeId: id, dto })
}
</script>

<template>
  <section
    v-if="forecasts.length > 0"
    class="forecast stack gap-10"
    aria-label="Stock for the planned jobs"
  >
    <h2>Stock for the planned jobs</h2>
    <div v-for="each in forecasts" :key="each.productId" class="product stack gap-6 hug">
      <p>
        <b>{{ each.name }}</b>: {{ mass(each.kg) }} for {{ each.uses }} planned
        {{ each.uses === 1 ? 'job' : 'jobs' }}.
        <template v-if="each.orders.length > 0">
          To buy:
          {{
            each.orders
              .map((job) => `${mass(job.plannedKg ?? 0)}, ${dayWords(job.dueOn)}`)
              .join('; ')
          }}.
        </template>
        <template v-if="each.shortOn === undefined">It lasts.</template>
      </p>
      <template v-if="each.shortOn !== undefined && each.orderBy !== undefined">
        <p class="text-rust text-strong">
          Short on {{ dayWords(each.shortOn) }} for {{ standName(each.shortStandId) }}:
          {{ mass(each.missingKg) }} missing. Order
          {{ each.orderBy <= today() ? 'now' : `by ${dayWords(each.orderBy)}` }}.
        </p>
        <Button :loading="order.isLoading.value" @click="planOrder(each)">
          Put “buy {{ mass(each.buyKg) }}” among the jobs
        </Button>
      </template>
    </div>
    <ProblemNote :problem="order.error.value" />
  </section>
</template>

<style scoped>
.forecast {
  padding: 10px 14px;
  margin-bottom: 16px;
  background: var(--sunken);
}
</style>
