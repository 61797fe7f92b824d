import { meterRoutes } from '@spudder/contract/meter'
import { computed, ref } from 'vue'
import { call } from '../../api/call.ts'

/** Leaves clipped one after the other with the chlorophyll meter, and their mean. */
export function useLeafMeter() {
  const leaves = ref<number[]>([])
  const isReading = ref(false)
  const device = ref('')
  const mean = computed(() =>
    leaves.value.length === 0
      ? undefined
      : leaves.value.reduce((sum, each) => sum + each, 0) / leaves.value.length,
  )
  /** Deviation of the mean, and no less than the meter's own. */
  const doubt = computed(() => {
    const count = leaves.value.length
    if (count < 2) return 2
    const middle = mean.value ?? 0
    const squares = leaves.value.reduce((sum, each) => sum + (each - middle) ** 2, 0)
    return Math.max(0.4, Math.sqrt(squares / (count - 1) / count))
  })

  async function clip(standId: string): Promise<void> {
    isReading.value = true
    try {
      const read = await call(meterRoutes.leaf, { standId })
      leaves.value.push(read.units)
      device.value = read.device
    } finally {
      isReading.value = false
    }
  }
  const forget = () => (leaves.value = [])
  return { leaves, mean, doubt, device, isReading, clip, forget }
}
