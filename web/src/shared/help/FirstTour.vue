<script setup lang="ts">
import { Tour } from 'ant-design-vue'
import { computed, onMounted } from 'vue'
import { useHelp } from './use-help.ts'

/** Shows a newcomer around the estate: on the first visit, and again from Help. */
const help = useHelp()
/** A first visit is shown around once there is something to point at. */
const props = defineProps<{ isReady: boolean }>()
onMounted(() => {
  if (!help.wasShownAround && props.isReady) help.showAround()
})
const at = (selector: string) => () => document.querySelector<HTMLElement>(selector) as HTMLElement
const steps = computed(() => [
  {
    title: 'A ribbon for every stand',
    description:
      'Its leaf colour through time: painted where it was looked at, hatched where nobody did. Yellow is where help is needed.',
    target: at('.placed'),
  },
  {
    title: 'Today, and what is to come',
    description:
      'Right of the line: the colour to expect, paler with doubt, and the jobs. Above it the hours fit for work, by the weather.',
    target: at('.axis'),
  },
  {
    title: 'The same stands as a table or a map',
    description: 'Sort, filter, choose several at once.',
    target: at('[aria-label=Shape]'),
  },
  {
    title: 'Anywhere, by its name',
    description: 'Press / and type a stand, a product, a screen. Help is behind the ? key.',
    target: at('.go'),
  },
])
</script>

<template>
  <Tour :open="help.isTouring" :steps="steps" @close="help.endTour()" @finish="help.endTour()" />
</template>
