import { pushRoutes } from '@spudder/contract/push'
import type { NoticeKind } from '@spudder/core/days/notice'
import { useLocalStorage } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { forgetPush, ownAddress, subscribeBrowser } from './push-browser.ts'

/** What this device was told to be told of, to ask for it again when its browser moves it elsewhere. */
interface KeptPush {
  readonly endpoint: string
  readonly kinds: readonly NoticeKind[]
}

const useKeptPush = () => useLocalStorage<KeptPush | null>('spudder:push', null, { serializer: { read: (text) => JSON.parse(text) as KeptPush | null, write: JSON.stringify } }) // prettier-ignore

/** What one's devices are told, and this one among them. */
export function usePush() {
  const state = useRead(pushRoutes.state, () => ({}))
  const subscribe = useChange(pushRoutes.subscribe, { told: 'beside' })
  const unsubscribe = useChange(pushRoutes.unsubscribe, { told: 'beside' })
  const kept = useKeptPush()
  const here = ref<string>()
  onMounted(async () => (here.value = (await ownAddress())?.endpoint))

  const devices = computed(() => state.data.value?.devices ?? [])
  const own = computed(() => devices.value.find(({ endpoint }) => endpoint === here.value))
  const others = computed(() => devices.value.filter(({ endpoint }) => endpoint !== here.value))

  /**
   * Tells this device of some kinds.
   * @throws {PushRefused}
   */
  async function tellHere(publicKey: string, kinds: readonly NoticeKind[]): Promise<boolean> {
    const known = own.value && (await ownAddress())
    const address = known ?? (await subscribeBrowser(publicKey))
    const isKept = await subscribe.send({ dto: { ...address, kinds: [...kinds] } })
    if (!isKept) return false
    here.value = address.endpoint
    kept.value = { endpoint: address.endpoint, kinds }
    return true
  }
  async function stop(subscriptionId: string): Promise<void> {
    if (subscriptionId === own.value?.id) {
      await forgetPush()
      kept.value = null
    }
    await unsubscribe.send({ subscriptionId })
  }
  return { state, devices, own, others, subscribe, unsubscribe, tellHere, stop }
}

/** Browsers move where they are told things now and then: the server is told where to. */
export function useMovedPush(): void {
  const kept = useKeptPush()
  const subscribe = useChange(pushRoutes.subscribe, { told: 'beside' })
  onMounted(async () => {
    const was = kept.value
    const address = was && (await ownAddress())
    if (!was || !address || address.endpoint === was.endpoint) return
    const dto = { ...address, kinds: [...was.kinds] }
    if (await subscribe.send({ dto })) kept.value = { ...was, endpoint: address.endpoint }
  })
}
