import { watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useMay } from '../../api/me.ts'

/** Whoever sees no estate begins with the record, which is what they came for. */
export function useLanding(): void {
  const { role, may } = useMay()
  const route = useRoute()
  const router = useRouter()
  watchEffect(() => {
    if (role.value === undefined || may('see') || route.name !== 'estate') return
    void router.replace({ name: 'record' })
  })
}
