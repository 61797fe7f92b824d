<script setup lang="ts">
import { archiveRoutes } from '@spudder/contract/archive'
import { placeRoutes, type PlaceDto } from '@spudder/contract/place'
import { archiveMostMB } from '@spudder/contract/route'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { addressOf } from '../../api/call.ts'
import { useAllPlaces } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useUndo } from '../../shared/history/use-undo.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useToasts } from '../../ui/use-toasts.ts'

/** Everything of the place out as one file, and a place in from one; places put away and back. */
const props = defineProps<{ place: PlaceDto }>()
const toasts = useToasts()
const undo = useUndo()
const bringIn = useChange(archiveRoutes.bringIn, { told: 'beside' })
const change = useChange(placeRoutes.change, { told: 'beside' })
const address = computed(() => addressOf(archiveRoutes.write, { placeId: props.place.id }))
const { data: places } = useAllPlaces()
const putAway = computed(() => (places.value ?? []).filter(({ isArchived }) => isArchived))
const stored = ref('')

async function take([file]: readonly File[]): Promise<void> {
  stored.value = ''
  if (!file) return
  // Some systems give a zip no type; the server looks into it whatever it is called.
  const dto = new Blob([file], { type: 'application/zip' })
  const place = await bringIn.send({ dto })
  if (place) stored.value = `${place.name} is here, with all that was recorded there.`
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
      <p v-if="stored" role="status" class="text-strong">{{ stored }}</p>
      <ProblemNote :problem="bringIn.error.value" />
    </section>
    <section class="stack gap-8">
      <h2>Places put away</h2>
      <ul v-if="putAway.length > 0" class="plain-list">
        <li v-for="each in putAway" :key="each.id">
          {{ each.name }}
          <Button size="small" @click="setArchived(each, false)">Bring back</Button>
        </li>
      </ul>
      <p v-else class="faint-note">None. A place put away keeps all that was recorded there.</p>
      <div>
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
