import { noticeRoutes, type NoticeDto } from '@spudder/contract/notice'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import { useMay } from '../../api/me.ts'
import { ofPlace } from '../../api/of-place.ts'
import { usePlace } from '../../api/places.ts'
import { useRead } from '../../api/use-read.ts'

/** So many are remembered as seen on this device; older ones are of days long gone. */
const mostSeen = 400

/** What one ought to know of the place today, and how much of it was not seen on this device yet. */
export function useNotices() {
  const { place } = usePlace()
  const { may } = useMay()
  const read = useRead(
    noticeRoutes.all,
    ofPlace(() => (may('see') ? place.value?.id : undefined)),
  )
  const notices = computed(() => read.data.value ?? [])
  const seen = useLocalStorage<string[]>('spudder:notices-seen', [])
  const unseen = computed(() => notices.value.filter(({ id }) => !seen.value.includes(id)))
  /** All that is listed now was seen. */
  function see(): void {
    const now = notices.value.map(({ id }) => id)
    seen.value = [...new Set([...seen.value, ...now])].slice(-mostSeen)
  }
  return { notices, unseen, see }
}

/** Where a notice is dealt with. */
export function placeOfNotice({ kind, standId }: NoticeDto): RouteLocationRaw {
  if (kind === 'short') return { name: 'shelf' }
  if (kind === 'licence') return { name: 'account' }
  if (kind === 'eye') return { name: 'eye' }
  return standId === null ? { name: 'dates' } : { name: 'jobs', params: { standId } }
}
