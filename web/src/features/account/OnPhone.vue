<script setup lang="ts">
import LinkPicture from '../../shared/link/LinkPicture.vue'
import { isReachable } from '../../shared/link/reachable.ts'

/** How a phone opens Spudder: by a picture of its address, or, where no phone can reach it, what to start. */
const { origin } = window.location
</script>

<template>
  <template v-if="isReachable()">
    <p class="faint-note">
      Read this with the phone's camera. In your own network a phone has to trust this machine
      first: the start command prints the page that shows how.
    </p>
    <LinkPicture :address="origin" />
    <p>
      <code>{{ origin }}</code>
    </p>
  </template>
  <p v-else class="faint-note">
    This address is this machine's own, and no phone reaches it. Start Spudder with
    <code>npm start -- --lan</code>: it prints a picture that phones in your network read.
  </p>
</template>
