<script setup lang="ts">
import { placeRoutes } from '@spudder/contract/place'
import type { KnownScreen } from '@spudder/core/seen/eye'
import { Button } from 'ant-design-vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { screenDerivation, shiftWords } from '../../shared/eye/eye-words.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { dayWords } from '../../shared/units/today.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import FoldBox from '../../ui/FoldBox.vue'
import ProblemNote from '../../ui/ProblemNote.vue'

/** Screens of the place that were measured, and one more. */
const MeasureScreen = defineAsyncComponent(() => import('./MeasureScreen.vue'))
const { place } = usePlace()
const { may } = useMay()
const screens = computed((): readonly KnownScreen[] => place.value?.settings.screens ?? [])
const isOpen = ref(false)

const change = useChange(placeRoutes.changeSettings, { told: 'beside' })
async function keep(next: readonly KnownScreen[]): Promise<void> {
  if (!place.value) return
  const dto = { screens: next.map((each) => ({ ...each, points: [...each.points] })) }
  if (await change.send({ placeId: place.value.id, dto })) isOpen.value = false
}
const others = (name: string) =>
  screens.value.filter((each) => each.name.trim().toLowerCase() !== name.trim().toLowerCase())
</script>

<template>
  <FoldBox :words="`Screens (${screens.length} measured)`">
    <p class="readable faint-note">
      Screens differ. Measured by the printed card, what a screen makes of leaves is no fault of
      whoever sits at it, and people at different screens can be compared.
    </p>
    <ul v-if="screens.length > 0" class="plain stack gap-10 above-4">
      <li v-for="screen in screens" :key="screen.name" class="stack gap-4">
        <span
          ><b>{{ screen.name }}</b
          >, {{ dayWords(screen.measuredOn) }}: {{ shiftWords(screen) }}</span
        >
        <div class="lined gap-16 wrapped">
          <HowGot :derivation="screenDerivation(screen)" />
          <ConfirmButton
            v-if="may('plan')"
            words="Forget"
            :question="`Forget what ${screen.name} shows?`"
            about="Sittings at it count as if it showed leaves as they are drawn."
            sure="Forget it"
            @confirm="keep(others(screen.name))"
          />
        </div>
      </li>
    </ul>
    <ProblemNote v-if="!isOpen" :problem="change.error.value" />
    <Button v-if="may('plan')" class="above-4" @click="isOpen = true">Measure a screen</Button>
    <p v-else class="faint-note">A manager measures screens.</p>
    <MeasureScreen
      v-if="isOpen"
      :is-busy="change.isLoading.value"
      :problem="change.error.value"
      @keep="(screen) => keep([...others(screen.name), screen])"
      @close="isOpen = false"
    />
  </FoldBox>
</template>
