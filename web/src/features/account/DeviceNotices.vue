<script setup lang="ts">
import { noticeKinds, noticeKindWords, type NoticeKind } from '@spudder/core/days/notice'
import { Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { pushHindrance } from '../../shared/push/push-browser.ts'
import { usePush } from '../../shared/push/use-push.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TickList from '../../ui/TickList.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** What this device is told without being opened, and which others are. */
const { state, own, others, subscribe, unsubscribe, tellHere, stop } = usePush()
const toasts = useToasts()
const hindrance = pushHindrance()
const publicKey = computed(() => state.data.value?.publicKey ?? undefined)
const kindOptions = noticeKinds.map((value) => ({ value, words: noticeKindWords[value] }))
const kinds = ref<readonly NoticeKind[]>(['overdue', 'window', 'due'])
watch(own, (device) => device && (kinds.value = device.kinds), { immediate: true })

const isBusy = ref(false)
const problem = ref<Error>()
const message = ref<string>()
async function tell(): Promise<void> {
  message.value = kinds.value.length === 0 ? 'Tick one at least.' : undefined
  if (publicKey.value === undefined || message.value !== undefined) return
  isBusy.value = true
  problem.value = undefined
  await tellHere(publicKey.value, kinds.value)
    .then((isKept) => isKept && toasts.say('This device is told from now on.'))
    .catch((error: unknown) => (problem.value = error as Error))
  isBusy.value = false
}
</script>

<template>
  <form class="stack gap-12" aria-label="On this device" @submit.prevent="tell">
    <p v-if="state.data.value && publicKey === undefined" class="faint-note">
      No device is told anything from here: whoever runs Spudder has to switch it on first. The bell
      tells the same.
    </p>
    <p v-else-if="hindrance" class="faint-note">{{ hindrance }}</p>
    <template v-else>
      <TickList
        v-model="kinds"
        label="Tell this device of"
        :options="kindOptions"
        :message="message"
      />
      <p class="faint-note">
        Once each, by day, also while Spudder is closed; sealed, so that nobody on the way reads it.
        Of a sign-in or a changed password at once.
      </p>
      <ProblemNote :problem="problem ?? subscribe.error.value ?? unsubscribe.error.value" />
      <div class="lined wrapped gap-8">
        <Button type="primary" html-type="submit" :loading="isBusy" :disabled="!publicKey">{{
          own ? 'Save' : 'Tell this device'
        }}</Button>
        <Button v-if="own" :loading="unsubscribe.isLoading.value" @click="stop(own.id)"
          >Tell it nothing any more</Button
        >
      </div>
    </template>
    <ul v-if="others.length > 0" class="plain-list stack gap-8" aria-label="Other devices told">
      <li v-for="each in others" :key="each.id" class="lined wrapped gap-8 items-center">
        <b>{{ each.device }}</b>
        <span class="text-small text-slate"> is told too</span>
        <Button
          type="link"
          size="small"
          :aria-label="`Tell ${each.device} nothing any more`"
          @click="stop(each.id)"
          >Stop</Button
        >
      </li>
    </ul>
    <ProblemNote :problem="state.error.value" />
  </form>
</template>
