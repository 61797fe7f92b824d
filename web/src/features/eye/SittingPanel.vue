<script setup lang="ts">
import { CreateEyeSittingDto, eyeRoutes } from '@spudder/contract/eye'
import { formatNumber } from '@spudder/core/base/writing'
import {
  eyeScales,
  planPhotoSitting,
  planSitting,
  type Showing,
  type ShownPhoto,
} from '@spudder/core/seen/eye'
import { readingKinds } from '@spudder/core/seen/reading'
import { Button, RadioButton, RadioGroup } from 'ant-design-vue'
import { computed, useId } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { renewedId } from '../../shared/form/kept.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'
import PhotoPicture from '../../shared/photo/PhotoPicture.vue'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import ProgressBar from '../../ui/ProgressBar.vue'
import TextField from '../../ui/TextField.vue'
import { useToasts } from '../../ui/use-toasts.ts'
import ShowingPicture from './ShowingPicture.vue'
import { useSittingDraft, type SittingDraft } from './sitting-draft.ts'

/** A sitting under way: one picture after another, each rated with one tap. */
const props = defineProps<{ placeId: string; draft: SittingDraft }>()
const sitting = useSittingDraft()
const toasts = useToasts()

const askedId = useId()
const scale = computed(() => eyeScales[props.draft.scale])
const shown = computed((): readonly (Showing | ShownPhoto)[] => {
  const { scale: on, seed, photos } = props.draft
  return photos ? planPhotoSitting(on, seed, photos) : planSitting(on, seed)
})
const at = computed(() => props.draft.said.length)
const now = computed(() => shown.value[at.value])
const values = computed(() => {
  const { min, max } = readingKinds[props.draft.scale]
  const { step } = scale.value
  return Array.from({ length: (max - min) / step + 1 }, (_, index) => min + index * step)
})
const say = (value: unknown) => {
  if (now.value) sitting.change({ said: [...props.draft.said, Number(value)] })
}
const back = () => sitting.change({ said: props.draft.said.slice(0, -1) })

const store = useChange(eyeRoutes.record, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateEyeSittingDto, () => store.error.value)
async function keep(): Promise<void> {
  const { id, scale: on, seed, said, screen, photos } = props.draft
  const dto = checked({
    id,
    scale: on,
    seed,
    said: [...said],
    screen,
    ratedOn: today(),
    ...(photos ? { photoIds: photos.map(({ photoId }) => photoId) } : {}),
  })
  if (!dto) return
  const stored = await store.send({ placeId: props.placeId, dto }, (problem) => {
    sitting.change({ id: renewedId(id, problem) })
  })
  if (!stored) return
  sitting.end()
  toasts.say('The sitting is kept.')
}
</script>

<template>
  <section class="sitting sheet stack gap-12" aria-label="Sitting">
    <div class="lined gap-16 apart">
      <h2>{{ scale.label }}</h2>
      <p class="faint-note" role="status">{{ at }} of {{ shown.length }} rated</p>
    </div>
    <ProgressBar :share="at / shown.length" label="Rated" />
    <template v-if="now">
      <PhotoPicture
        v-if="'photoId' in now"
        :key="at"
        class="photo"
        :photo-id="now.photoId"
        words="The photo to rate"
      />
      <ShowingPicture v-else :key="at" :scale="draft.scale" :showing="now" />
      <div>
        <h3 :id="askedId">{{ scale.asked }}</h3>
        <RadioGroup class="values" :aria-labelledby="askedId" :value="null" @update:value="say">
          <RadioButton v-for="value in values" :key="`${at}-${value}`" :value="value">
            {{ formatNumber(value, 2) }}
          </RadioButton>
        </RadioGroup>
      </div>
      <p class="ends lined apart faint-note" aria-hidden="true">
        <span>{{ scale.low }}</span><span>{{ scale.middle }}</span
        ><span>{{ scale.high }}</span>
      </p>
    </template>
    <template v-else>
      <p>All pictures are rated. Keep the sitting, and see how your eye does.</p>
      <TextField
        label="Screen it was looked at on"
        placeholder="phone, office screen"
        :model-value="draft.screen"
        :message="messageFor('screen')"
        @update:model-value="sitting.change({ screen: $event })"
      />
    </template>
    <ProblemNote :problem="store.error.value" />
    <div class="lined gap-10 wrapped">
      <Button :disabled="at === 0" @click="back">Back to the last one</Button>
      <ConfirmButton
        words="Leave off"
        question="Leave this sitting off?"
        about="What was rated in it is not kept."
        sure="Leave it off"
        @confirm="sitting.end"
      />
      <Button v-if="!now" type="primary" :loading="store.isLoading.value" @click="keep">
        Keep the sitting
      </Button>
    </div>
  </section>
</template>

<style scoped>
.sitting {
  max-width: 620px;
  padding: 16px;
}
.photo {
  display: block;
  width: 100%;
  max-height: 44vh;
  object-fit: contain;
  border-radius: 6px;
  background: var(--sunken);
}
/* Chips that stand apart: seventeen joined buttons would break over lines. */
.values {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(52px, 1fr));
  gap: 6px;
}
.values :deep(.ant-radio-button-wrapper) {
  display: grid;
  place-items: center;
  height: 46px;
  padding: 0;
  border: 1px solid var(--strong-line);
  border-radius: 8px;
  font-size: var(--text-body);
}
.values :deep(.ant-radio-button-wrapper::before) {
  display: none;
}
</style>
