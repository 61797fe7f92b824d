<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue'
import { computed } from 'vue'
import { useToasts } from '../../ui/use-toasts.ts'
import LinkPicture from './LinkPicture.vue'
import { isReachable } from './reachable.ts'

/** A link just made, to be handed on: copied, or read from the screen by a phone. It is shown this once. */
const props = defineProps<{ title: string; path: string; words: string }>()
const emit = defineEmits<{ close: [] }>()
const toasts = useToasts()
const address = computed(() => `${window.location.origin}${props.path}`)
async function copy(): Promise<void> {
  await navigator.clipboard.writeText(address.value)
  toasts.say('Copied.')
}
/** Without TLS a browser lets no page write what is copied. */
const canCopy = window.isSecureContext
</script>

<template>
  <Modal open :title="title" :footer="null" :width="460" @cancel="emit('close')">
    <div class="stack gap-12">
      <p>{{ words }}</p>
      <p class="address" role="textbox" aria-readonly="true" aria-label="The link" tabindex="0">
        {{ address }}
      </p>
      <p v-if="!isReachable()" class="faint-note">
        It opens on this machine alone until Spudder is started for others: see “On a phone” under
        You.
      </p>
      <div class="lined wrapped gap-16 items-center">
        <LinkPicture :address="address" />
        <Button v-if="canCopy" type="primary" @click="copy">Copy the link</Button>
      </div>
    </div>
  </Modal>
</template>

<style scoped>
.address {
  padding: 8px 10px;
  border: 1px solid var(--line);
  border-radius: 4px;
  font-size: 13px;
  word-break: break-all;
  user-select: all;
}
</style>
