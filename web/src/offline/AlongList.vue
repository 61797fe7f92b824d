<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { useTakenAlong } from './taken-along.ts'

/** The stands whose pages open without signal. */
const along = useTakenAlong()
</script>

<template>
  <ul class="plain-list stack gap-4" aria-label="Taken along">
    <li v-for="each in along.stands" :key="each.id" class="lined items-center gap-16 wrapped">
      <RouterLink class="reach" :to="{ name: 'stand', params: { standId: each.id } }">{{
        each.name
      }}</RouterLink>
      <RouterLink class="reach" :to="{ name: 'look', params: { standId: each.id } }"
        >Look</RouterLink
      >
      <Button
        v-if="along.isChosen(each.id)"
        type="link"
        size="small"
        :aria-label="`Leave ${each.name}`"
        @click="along.leave(each.id)"
        >Leave it</Button
      >
    </li>
  </ul>
</template>
