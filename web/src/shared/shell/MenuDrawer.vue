<script setup lang="ts">
import { Button, Drawer, Segmented } from 'ant-design-vue'
import { computed } from 'vue'
import { useMay } from '../../api/me.ts'
import { goToPlace, useAllPlaces, usePlace } from '../../api/places.ts'
import type { Scheme } from '../../ui/tokens.ts'
import { useTheme } from '../../ui/use-theme.ts'
import { useHelp } from '../help/use-help.ts'
import { usePractice } from '../practice/practice.ts'
import { entries } from './entries.ts'
import MainMenu from './MainMenu.vue'
import WhoIsIn from './WhoIsIn.vue'

/** Every screen and what belongs to the place; on a phone all that a wide screen has at its top. */
const isOpen = defineModel<boolean>('open', { required: true })
const { place } = usePlace()
const { data: places } = useAllPlaces()
/** More than so many are found on their own page. */
const mostListed = 8
const others = computed(() =>
  (places.value ?? []).filter(({ id, isArchived }) => !isArchived && id !== place.value?.id),
)
const { may } = useMay()
const within = computed(() => entries.filter(({ needs }) => may(needs)))
const practice = usePractice()
const theme = useTheme()
const schemeOptions = [
  { value: 'light', label: 'Light' },
  { value: 'dark', label: 'Dark' },
  { value: 'sun', label: 'In the sun' },
] as const satisfies readonly { readonly value: Scheme; readonly label: string }[]
const help = useHelp()
function openHelp(): void {
  isOpen.value = false
  help.open()
}
</script>

<template>
  <Drawer v-model:open="isOpen" placement="right" :title="place?.name ?? 'Spudder'" :width="280">
    <p v-if="practice.on.value.length > 0" class="faint-note">
      Practice devices are on here: what they say is made up.
    </p>
    <MainMenu :entries="within" @taken="isOpen = false" />
    <WhoIsIn @taken="isOpen = false" />
    <section v-if="others.length > 0" class="stack gap-4 above-16" aria-label="Other places">
      <p class="text-small text-slate text-strong">Other places</p>
      <RouterLink :to="{ name: 'places' }" @click="isOpen = false"
        >How it stands at all {{ others.length + 1 }} places</RouterLink
      >
      <Button
        v-for="each in others.slice(0, mostListed)"
        :key="each.id"
        block
        @click="goToPlace(each.id)"
        >{{ each.name }}</Button
      >
    </section>
    <div class="more stack gap-8 above-16">
      <Button block @click="openHelp">Help</Button>
      <Segmented
        block
        aria-label="Colours"
        :value="theme.scheme"
        :options="[...schemeOptions]"
        @update:value="theme.choose($event as Scheme)"
      />
    </div>
  </Drawer>
</template>
