import { onScopeDispose, ref, watch } from 'vue'
import { carrier } from '../../api/carrier.ts'
import { photoAddress } from '../../api/photos.ts'

/**
 * Where a photo can be shown from: this device while it waits here, the server from then on.
 * @returns undefined while that is looked up
 */
export function usePhotoAddress(photoId: () => string) {
  const address = ref<string>()
  let own: string | undefined
  function show(picture: Blob | undefined): void {
    if (own !== undefined) URL.revokeObjectURL(own)
    own = picture && URL.createObjectURL(picture)
    address.value = own ?? photoAddress(photoId())
  }
  watch(
    [photoId, () => carrier().isHere(photoId())] as const,
    async ([id, isHere], _before, onCleanup) => {
      let isPast = false
      onCleanup(() => (isPast = true))
      if (!isHere) return show(undefined)
      const picture = await carrier().pictureOf(id)
      if (!isPast) show(picture)
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    if (own !== undefined) URL.revokeObjectURL(own)
  })
  return address
}
