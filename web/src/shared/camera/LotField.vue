<script setup lang="ts">
import type { LotCode } from '@spudder/core/material/shelf'
import { Button } from 'ant-design-vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { dayWords, today } from '../units/today.ts'
import TextField from '../../ui/TextField.vue'

/** The lot of a bag, typed or read off its code. */
defineProps<{ label: string; hint?: string | undefined; message?: string | undefined }>()
const lot = defineModel<string>({ required: true })
const LotScanner = defineAsyncComponent(() => import('./LotScanner.vue'))
const isOpen = ref(false)
/** What the code said beside the lot, as long as that is the lot. */
const scanned = ref<{ readonly lot: string; readonly useBy: string }>()
const useBy = computed(() => (scanned.value?.lot === lot.value ? scanned.value.useBy : undefined))
function take({ lot: read, useBy }: LotCode): void {
  isOpen.value = false
  lot.value = read
  scanned.value = useBy === undefined ? undefined : { lot: read, useBy }
}
</script>

<template>
  <div class="lot stack gap-8 items-start">
    <TextField v-model="lot" :label="label" :hint="hint" :message="message" />
    <Button class="no-print" aria-label="Read it off its code" @click="isOpen = true">Scan</Button>
    <p v-if="useBy" class="text-small" :class="{ 'text-rust': useBy < today() }" role="status">
      Good until {{ dayWords(useBy)
      }}{{ useBy < today() ? ': past. Ask its maker before it goes out' : '' }}.
    </p>
    <LotScanner v-if="isOpen" @lot="take" @close="isOpen = false" />
  </div>
</template>

<style scoped>
.lot {
  grid-template-columns: minmax(0, 1fr) auto;
}
.lot > :deep(.ant-btn) {
  margin-top: 21px;
}
</style>
