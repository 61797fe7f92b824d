<script setup lang="ts">
import { Button, message as library } from 'ant-design-vue'
import { h, onMounted, watch } from 'vue'
import { useToasts, type Toast } from './use-toasts.ts'

/** Draws what was said; to stand once, from the first thing said on. */
const [message, Holder] = library.useMessage()
const toasts = useToasts()
/** Long enough to read, longer where something can be undone [s]. */
const shownFor = { told: 4, undoable: 10 } as const
let key = 0

function contentOf({ words, undo }: Toast, close: () => void) {
  if (!undo) return words
  const act = () => {
    close()
    void undo()
  }
  const button = h(Button, { type: 'link', size: 'small', onClick: act }, () => 'Undo')
  return h('span', { role: 'status' }, [words, ' ', button])
}
function show(toast: Toast | undefined): void {
  if (!toast) return
  const mine = `toast-${(key += 1)}`
  void message.success({
    key: mine,
    content: () => contentOf(toast, () => message.destroy(mine)) as never,
    duration: toast.undo ? shownFor.undoable : shownFor.told,
  })
}
onMounted(() => {
  show(toasts.last)
  watch(() => toasts.last, show)
})
</script>

<template>
  <Holder />
</template>
