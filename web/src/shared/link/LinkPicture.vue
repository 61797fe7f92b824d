<script setup lang="ts">
import { toDataURL } from 'qrcode'
import { ref, watch } from 'vue'

/** A link as a picture that a phone reads from the screen (QR code, ISO/IEC 18004). */
const props = defineProps<{ address: string }>()
const picture = ref('')
watch(
  () => props.address,
  async (text) => {
    picture.value = await toDataURL(text, { margin: 1, width: 220 })
  },
  { immediate: true },
)
</script>

<template>
  <img
    v-if="picture"
    :src="picture"
    width="160"
    height="160"
    alt="The link as a picture for a phone"
  />
</template>
