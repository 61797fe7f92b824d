import type { GlobePoint } from '@spudder/core/stand/ground'
import { computed, onScopeDispose, ref } from 'vue'

/** Why there is no position, by the number that browsers give it, each with what to do instead. */
const hindrances: Readonly<Record<number, string>> = {
  1: 'The position was refused. Allow it for this page in the settings of the browser, or pick the zone on the map.',
  2: 'The phone does not know where it is: no satellites in sight. Go into the open, or pick the zone on the map.',
  3: 'The phone took too long to find where it is. Try again in the open, or pick the zone on the map.',
}
const noneHere =
  'Pages get no position here: this browser has none, or Spudder was opened without https. Pick the zone on the map.'

/** Where somebody stands, as long as they want it followed. */
export function usePosition() {
  const at = ref<GlobePoint & { readonly accuracyM: number }>()
  const problem = ref('')
  const followed = ref<number>()
  const stop = (): void => {
    if (followed.value !== undefined) navigator.geolocation.clearWatch(followed.value)
    followed.value = undefined
    at.value = undefined
  }
  function start(): void {
    problem.value = ''
    if (!('geolocation' in navigator) || !window.isSecureContext) {
      problem.value = noneHere
      return
    }
    followed.value = navigator.geolocation.watchPosition(
      ({ coords: { longitude, latitude, accuracy: accuracyM } }) => {
        at.value = { longitude, latitude, accuracyM }
      },
      ({ code }) => {
        stop()
        problem.value = hindrances[code] ?? noneHere
      },
      { enableHighAccuracy: true, timeout: 30_000, maximumAge: 2000 },
    )
  }
  onScopeDispose(stop)
  return { at, problem, isFollowed: computed(() => followed.value !== undefined), start, stop }
}
