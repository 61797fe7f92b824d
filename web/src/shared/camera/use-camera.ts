import { onScopeDispose, ref, type Ref } from 'vue'

/** Why there is no camera, by the name of the fault, each with what to do instead. */
const hindrances: Readonly<Record<string, string>> = {
  NotAllowedError:
    'The camera was refused. Allow it for this page in the settings of the browser, or take the picture with the phone’s own camera and add it as a file.',
  NotFoundError: 'This device has no camera that a page can use. Add a picture as a file.',
  NotReadableError: 'Another app holds the camera. Close that, and open it again here.',
}
const noneHere =
  'Pages get no camera here: this browser is too old for it, or Spudder was opened without https. Add a picture as a file.'

export const cameraHindrance = (error: unknown): string =>
  error instanceof DOMException ? (hindrances[error.name] ?? `The camera did not open (${error.name}). Add a picture as a file.`) : noneHere // prettier-ignore

/** The camera at the back of a phone, shown in a video as long as whatever uses it is there. */
export function useCamera(video: Readonly<Ref<HTMLVideoElement | null>>) {
  const problem = ref('')
  const isOn = ref(false)
  let stream: MediaStream | undefined

  function stop(): void {
    for (const track of stream?.getTracks() ?? []) track.stop()
    stream = undefined
    isOn.value = false
  }
  async function start(): Promise<void> {
    problem.value = ''
    try {
      stream = await navigator.mediaDevices.getUserMedia({
        video: { facingMode: 'environment', width: { ideal: 4032 }, height: { ideal: 3024 } },
      })
      if (!video.value) return stop()
      video.value.srcObject = stream
      await video.value.play()
      isOn.value = true
    } catch (error) {
      stop()
      problem.value = cameraHindrance(error)
    }
  }
  /**
   * What the camera sees now.
   * @param longSide held to that [px]; undefined: as large as it comes
   */
  async function still(longSide?: number): Promise<Blob | undefined> {
    const { videoWidth = 0, videoHeight = 0 } = video.value ?? {}
    if (!video.value || videoWidth === 0) return undefined
    const share = longSide === undefined ? 1 : Math.min(1, longSide / Math.max(videoWidth, videoHeight)) // prettier-ignore
    const canvas = document.createElement('canvas')
    canvas.width = Math.round(videoWidth * share)
    canvas.height = Math.round(videoHeight * share)
    canvas.getContext('2d')?.drawImage(video.value, 0, 0, canvas.width, canvas.height)
    return new Promise((resolve) =>
      canvas.toBlob((blob) => resolve(blob ?? undefined), 'image/jpeg', 0.92),
    )
  }
  onScopeDispose(stop)
  return { start, stop, still, isOn, problem }
}
