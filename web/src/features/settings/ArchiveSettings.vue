<script setup lang="ts">
import { archiveRoutes } from '@spudder/contract/archive'
import { placeRoutes, type PlaceDto } from '@spudder/contract/place'
import { archiveMostMB } from '@spudder/contract/route'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { addressOf } from '../../api/call.ts'
import { useMe } from '../../api/me.ts'
import { goToPlace, useAllPlaces } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useUndo } from '../../shared/history/use-undo.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** Everything of the place out as one file, a place in from one; places put away, back and together. */
const props = defineProps<{ place: PlaceDto }>()
const toasts = useToasts()
const undo = useUndo()
const bringIn = useChange(archiveRoutes.bringIn, { told: 'beside' })
const change = useChange(placeRoutes.change, { told: 'beside' })
const address = computed(() => addressOf(archiveRoutes.write, { placeId: props.place.id }))
const { data: places } = useAllPlaces()
const others = computed(() => (places.value ?? []).filter(({ id }) => id !== props.place.id))
const join = useChange(archiveRoutes.putTogether, { told: 'beside' })
async function putTogether({ id: otherId, name }: PlaceDto): Promise<void> {
  const dto = { otherId, reason: `${name} and ${props.place.name} are one place.` }
  if (!(await join.send({ placeId: props.place.id, dto }))) return
  undo.offer(`What ${name} held is here.`, join.lastId())
}
const { me } = useMe()
/** What becomes of a place as a whole is its owner's to say. */
const isOwn = ({ id }: PlaceDto) =>
  me.value?.places.find(({ placeId }) => placeId === id)?.role === 'owner'
const stored = ref<PlaceDto>()

async function take([file]: readonly File[]): Promise<void> {
  stored.value = undefined
  if (!file) return
  // Some systems give a zip no type; the server looks into it whatever it is called.
  const dto = new Blob([file], { type: 'application/zip' })
  stored.value = await bringIn.send({ dto })
}
async function setArchived({ id, name, version }: PlaceDto, isArchived: boolean): Promise<void> {
  if (!(await change.send({ placeId: id, dto: { isArchived, version } }))) return
  const words = isArchived ? `${name} is put away.` : `${name} is back.`
  if (isArchived) toasts.say(words)
  else undo.offer(words, change.lastId())
}
</script>

<template>
  <div class="stack gap-24 archive">
    <section class="stack gap-8">
      <h2>Everything out</h2>
      <p class="faint-note">
        One file with all stands, readings, looks, photos, plans, entries and the history of
        {{ place.name }}: open JSON with its schema, photos beside it, and a checksum of each. It
        comes back whole into this or another installation.
      </p>
      <div>
        <Button type="primary" :href="address" download>Save the archive</Button>
      </div>
    </section>
    <section class="stack gap-8">
      <h2>A place in</h2>
      <p class="faint-note">From such a file: all of it or nothing. What is here stays as it is.</p>
      <div>
        <FileButton
          accept=".zip,application/zip"
          :most-megabytes="archiveMostMB"
          :words="bringIn.isLoading.value ? 'Taking it in …' : 'Bring a place in'"
          @files="take"
        />
      </div>
      <p v-if="stored" role="status" class="text-strong">
        {{ stored.name }} is here, with all that was recorded there.
        <Button size="small" @click="goToPlace(stored.id)">Go there</Button>
      </p>
      <ProblemNote :problem="bringIn.error.value" />
    </section>
    <section class="stack gap-8">
      <h2>Other places</h2>
      <ul v-if="others.length > 0" class="plain-list stack gap-8">
        <li v-for="each in others" :key="each.id" class="lined wrapped gap-8 items-center">
          <b>{{ each.name }}</b>
          <span class="text-small text-slate">{{ each.isArchived ? 'put away' : 'in use' }}</span>
          <Button
            v-if="each.isArchived && isOwn(each)"
            size="small"
            @click="setArchived(each, false)"
            >Bring back</Button
          >
          <Button v-if="!each.isArchived" size="small" @click="goToPlace(each.id)">Go there</Button>
          <ConfirmButton
            v-if="isOwn(each) && isOwn(place)"
            is-small
            :words="`Put together with ${place.name}`"
            :label="`Put ${each.name} together with ${place.name}`"
            :question="`Put ${each.name} together with ${place.name}?`"
            :about="`All that ${each.name} holds stands here too: stands with their story, record, shelf, sprayers and photos. ${each.name} is put away as it was, and you can take it back.`"
            sure="Put them together"
            @confirm="putTogether(each)"
          />
        </li>
      </ul>
      <p v-else class="faint-note">None. A place put away keeps all that was recorded there.</p>
      <ProblemNote :problem="join.error.value" />
      <div v-if="isOwn(place)">
        <ConfirmButton
          :words="`Put ${place.name} away`"
          :question="`Put ${place.name} away?`"
          about="It leaves the screens with its stands, jobs and shelf. All that was recorded stays, and it can be brought back here."
          sure="Put it away"
          @confirm="setArchived(place, true)"
        />
      </div>
      <ProblemNote :problem="change.error.value" />
    </section>
  </div>
</template>

<style scoped>
.archive {
  max-width: 620px;
}
</style>
