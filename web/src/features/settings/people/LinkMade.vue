<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue'
import { toDataURL } from 'qrcode'
import { computed, ref, watch } from 'vue'
import { useToasts } from '../../../ui/use-toasts.ts'

/** A link just made, to be handed on: copied, or read from the screen by a phone. It is shown this once. */
const props = defineProps<{ name: string; token: string }>()
const emit = defineEmits<{ close: [] }>()
const toasts = useToasts()
const address = computed(() => `${window.location.origin}/welcome/${props.token}`)
const picture = ref('')
watch(
  address,
  async (text) => {
    picture.value = await toDataURL(text, { margin: 1, width: 220 })
  },
  { immediate: true },
)
async function copy(): Promise<void> {
  await navigator.clipboard.writeText(address.value)
  toasts.say('Copied.')
}
/** Without TLS a browser lets no page write what is copied. */
const canCopy = window.isSecureContext
</script>

<template>
  <Modal open :title="`A link for ${name}`" :footer="null" :width="460" @cancel="emit('close')">
    <div class="stack gap-12">
      <p>
        Whoever follows it comes in as {{ name }}: hand it to nobody else. It opens once, and is
        shown only now.
      </p>
      <p class="address" role="textbox" aria-readonly="true" aria-label="The link" tabindex="0">
        {{ address }}
      </p>
      <div class="lined wrapped gap-16 items-center">
        <img
          v-if="picture"
          :src="picture"
          width="160"
          height="160"
          alt="The link as a picture for a phone"
        />
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
