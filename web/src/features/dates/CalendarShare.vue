<script setup lang="ts">
import { placeRoutes, type PlaceDto } from '@spudder/contract/place'
import { planningRoutes } from '@spudder/contract/planning'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { addressOf } from '../../api/call.ts'
import { useChange } from '../../api/use-change.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'

/** The address by which a calendar program follows the dates; it can be taken back. */
const props = defineProps<{ place: PlaceDto }>()
const share = useChange(placeRoutes.shareCalendar, { told: 'beside' })
const address = computed(() => {
  const token = props.place.calendarToken
  if (token === null) return undefined
  return `${window.location.origin}${addressOf(planningRoutes.subscribed, { token })}`
})
const set = (isShared: boolean) => share.send({ placeId: props.place.id, dto: { isShared } })
</script>

<template>
  <div class="stack gap-6 no-print faint-note">
    <template v-if="address">
      <p>
        A calendar program can follow along at <code>{{ address }}</code>. Whoever has this address
        sees the dates. Days and hours are those of the place's own clock; no time zone moves a job.
      </p>
      <div class="lined wrapped gap-8">
        <ConfirmButton
          words="Another address"
          question="Give the calendar another address?"
          about="Programs that follow the old one get nothing any more; give them the new one."
          sure="Another address"
          @confirm="set(true)"
        />
        <ConfirmButton
          words="Take it back"
          question="Take the address back?"
          about="Programs that follow it get nothing any more. The dates themselves stay."
          sure="Take it back"
          @confirm="set(false)"
        />
      </div>
    </template>
    <template v-else>
      <p>
        A calendar program can follow along, once the calendar has an address. Nobody can guess it,
        and it can be taken back.
      </p>
      <div>
        <Button :loading="share.isLoading.value" @click="set(true)">Give it an address</Button>
      </div>
    </template>
    <ProblemNote :problem="share.error.value" />
  </div>
</template>

<style scoped>
code {
  overflow-wrap: anywhere;
}
</style>
