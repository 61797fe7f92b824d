<script setup lang="ts">
import { BellOutlined } from '@ant-design/icons-vue'
import { Badge, Button, Drawer } from 'ant-design-vue'
import { computed, ref } from 'vue'
import EmptyState from '../../ui/EmptyState.vue'
import { useMovedPush } from '../push/use-push.ts'
import { placeOfNotice, useNotices } from './use-notices.ts'

/** Rings for what one ought to know today: work that is overdue, due or fit to be done, short stock, tests. */
const { notices, unseen, see } = useNotices()
useMovedPush()
const isOpen = ref(false)
/** New when it was opened: they stay marked while it is. */
const fresh = ref<ReadonlySet<string>>(new Set())
function open(): void {
  fresh.value = new Set(unseen.value.map(({ id }) => id))
  isOpen.value = true
  see()
}
const label = computed(() =>
  unseen.value.length === 0 ? 'Notices' : `Notices, ${unseen.value.length} new`,
)
</script>

<template>
  <Button
    type="text"
    aria-haspopup="dialog"
    :aria-label="label"
    :aria-expanded="isOpen"
    @click="open"
    ><Badge :count="unseen.length" size="small" :offset="[2, -2]"><BellOutlined /></Badge
  ></Button>
  <Drawer v-model:open="isOpen" placement="right" title="Today" :width="340">
    <EmptyState
      v-if="notices.length === 0"
      title="Nothing waits"
      words="What is due, overdue or runs short is told here."
    />
    <ul v-else class="plain-list stack gap-12" aria-label="Notices">
      <li v-for="each in notices" :key="each.id" :class="{ fresh: fresh.has(each.id) }">
        <RouterLink :to="placeOfNotice(each)" @click="isOpen = false">{{ each.words }}</RouterLink>
        <p v-if="each.kind === 'overdue'" class="text-small text-rust text-strong">overdue</p>
        <p v-else-if="fresh.has(each.id)" class="text-small text-slate">new</p>
      </li>
    </ul>
  </Drawer>
</template>

<style scoped>
li {
  padding: 2px 0 2px 10px;
  border-left: 3px solid var(--line);
}
.fresh {
  border-left-color: var(--rust);
}
</style>
