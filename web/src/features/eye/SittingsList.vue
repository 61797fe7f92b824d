<script setup lang="ts">
import type { EyeSittingDto } from '@spudder/contract/eye'
import { eyeScales } from '@spudder/core/seen/eye'
import { useMay } from '../../api/me.ts'
import MendButton from '../../shared/history/MendButton.vue'
import { dayWords } from '../../shared/units/today.ts'
import FoldBox from '../../ui/FoldBox.vue'

/** The sittings that all of it rests on; one that went wrong is struck out. */
defineProps<{ sittings: readonly EyeSittingDto[] }>()
const { may } = useMay()
const isOfPhotos = ({ shown }: EyeSittingDto) => shown.some(({ photoId }) => photoId !== undefined)
</script>

<template>
  <FoldBox :words="`Sittings (${sittings.length})`">
    <ul class="plain stack gap-6">
      <li v-for="each in sittings.toReversed()" :key="each.id">
        {{ dayWords(each.ratedOn) }}, {{ each.createdBy }}: {{ each.said.length }} ratings{{
          isOfPhotos(each) ? ' of photos' : ''
        }}<template v-if="each.screen !== ''">, on {{ each.screen }}</template>
        <MendButton
          v-if="may('look')"
          :id="each.id"
          kind="eye"
          :about="`${eyeScales[each.scale].label}, ${dayWords(each.ratedOn)}`"
        />
      </li>
    </ul>
  </FoldBox>
</template>
