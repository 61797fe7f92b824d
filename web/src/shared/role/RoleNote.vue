<script setup lang="ts">
import { askWords, type Right } from '@spudder/contract/access'
import { computed } from 'vue'
import { useMay } from '../../api/me.ts'

/** Says to whoever may only read here that they may, and whom to ask. */
const props = defineProps<{ needs: Right }>()
const { role, may } = useMay()
const words = computed(() =>
  role.value === undefined || may(props.needs) ? '' : askWords(role.value, props.needs),
)
</script>

<template>
  <p v-if="words" class="note text-small" role="note">{{ words }}</p>
</template>

<style scoped>
.note {
  margin: 8px 0;
  padding: 8px 12px;
  border-left: 3px solid var(--strong-line);
  background: var(--sunken);
}
</style>
