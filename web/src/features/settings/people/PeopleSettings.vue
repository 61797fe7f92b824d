<script setup lang="ts">
import { personRoutes, type InvitationMadeDto } from '@spudder/contract/person'
import type { PlaceDto } from '@spudder/contract/place'
import { Skeleton } from 'ant-design-vue'
import { ref } from 'vue'
import { useMay } from '../../../api/me.ts'
import { useRead } from '../../../api/use-read.ts'
import LinkMade from '../../../shared/link/LinkMade.vue'
import ProblemNote from '../../../ui/ProblemNote.vue'
import InviteForm from './InviteForm.vue'
import MemberLine from './MemberLine.vue'
import OpenLinks from './OpenLinks.vue'

/** Who works at the place and as what; owners ask people in, change their roles and take them off. */
const props = defineProps<{ place: PlaceDto }>()
const { me, may } = useMay()
const people = useRead(personRoutes.people, () => ({ placeId: props.place.id }))
const made = ref<InvitationMadeDto>()
</script>

<template>
  <div class="people stack gap-24">
    <section>
      <p v-if="me?.isAlone" class="faint-note">
        You work here alone, and nobody is asked to sign in on this machine. People whom you ask in
        can come once it is reached by others; then everybody signs in, you too.
        <RouterLink :to="{ name: 'account' }">Ask for sign-in</RouterLink>
      </p>
      <ProblemNote :problem="people.error.value" />
      <Skeleton v-if="people.status.value === 'pending'" active />
      <ul v-else class="plain-list" aria-label="Who works here">
        <MemberLine
          v-for="each in people.data.value"
          :key="each.personId"
          :member="each"
          :is-owner="may('own')"
          :is-me="each.personId === me?.id"
          @made="made = $event"
        />
      </ul>
    </section>
    <template v-if="may('own')">
      <section class="stack gap-8">
        <h2>Ask somebody in</h2>
        <p class="faint-note">
          You make a link and hand it on, by mail or from screen to phone. It opens once, within a
          week.
        </p>
        <InviteForm :place-id="place.id" @made="made = $event" />
      </section>
      <OpenLinks :place-id="place.id" />
    </template>
    <p v-else class="faint-note">An owner asks people in and changes what they are here.</p>
    <LinkMade
      v-if="made"
      :title="`A link for ${made.name}`"
      :path="`/welcome/${made.token}`"
      :words="`Whoever follows it comes in as ${made.name}: hand it to nobody else. It opens once, and is shown only now.`"
      @close="made = undefined"
    />
  </div>
</template>

<style scoped>
.people {
  max-width: 760px;
}
</style>
