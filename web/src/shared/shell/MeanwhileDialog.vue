<script setup lang="ts">
import { Button, Modal } from 'ant-design-vue'
import { useMeanwhile } from '../../api/meanwhile.ts'

/** Two people changed one thing: the later sees what the earlier did, and chooses. */
const meanwhile = useMeanwhile()
</script>

<template>
  <Modal
    v-if="meanwhile.question"
    open
    title="Somebody was there before you"
    :closable="false"
    :mask-closable="false"
    :width="460"
    @cancel="meanwhile.question.answer('theirs')"
  >
    <p>{{ meanwhile.question.words }}</p>
    <p class="faint-note">Whatever you choose, the history keeps both.</p>
    <template #footer>
      <Button @click="meanwhile.question.answer('theirs')">Keep what is there</Button>
      <Button type="primary" @click="meanwhile.question.answer('mine')">Store mine over it</Button>
    </template>
  </Modal>
</template>
