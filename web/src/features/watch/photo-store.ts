import { photoMostMB } from '@spudder/contract/route'
import { photoRoutes } from '@spudder/contract/photo'
import { useChange } from '../../api/use-change.ts'
import { photoTypes, type PhotoDto, type PhotoMeasureDto } from '@spudder/contract/photo'
import { keptMeasure, type PhotoPart, type Dab, type PhotoMeasure } from '@spudder/core/seen/photo'
import { computed, reactive, ref, shallowReactive, shallowRef } from 'vue'
import { keptFileName, photoBytes } from '../../api/photos.ts'
import { PhotoRefused, usePhotoReader } from '../../shared/photo/use-photo-reader.ts'

const mostBytes = photoMostMB * 1024 * 1024

/** Why a file is not taken at all; undefined where it is. */
function refusalOf(file: File): string | undefined {
  if (!(photoTypes as readonly string[]).includes(file.type)) return 'give a JPEG or PNG picture.'
  return file.size > mostBytes ? `at most ${photoMostMB} MB; take it at a smaller size.` : undefined
}

/** What a photo is measured with. */
interface MeasureWith {
  readonly picture: Blob
  readonly dabs: readonly Dab[]
  readonly part: PhotoPart
  readonly takenOn?: string
}

/** Measures photos that are kept, and stores what was found. */
function useMeasuring() {
  const request = useChange(photoRoutes.measure, { told: 'beside' })
  const reader = usePhotoReader()
  const refusals = ref<string[]>([])
  /** The last measures with their maps, by photo. */
  const measures = shallowReactive(new Map<string, PhotoMeasure>())
  const busy = reactive(new Set<string>())
  const isStopped = ref(false)

  async function measure({ id, fileName }: PhotoDto, given: MeasureWith): Promise<void> {
    busy.add(id)
    try {
      const measured = await reader.read(given.picture, given.dabs)
      measures.set(id, measured)
      const dto = keptMeasure(measured, given.dabs, given.part, given.takenOn)
      await request.send({ photoId: id, dto })
    } catch (error) {
      if (isStopped.value) return
      if (error instanceof PhotoRefused) refusals.value.push(`${fileName}: ${error.message}`)
      // What the server had against it is shown by its own note.
    } finally {
      busy.delete(id)
    }
  }
  /** Measures a photo that is kept, with what the brush says of it. */
  async function measureAnew(
    photo: PhotoDto,
    change: Partial<Pick<PhotoMeasureDto, 'dabs' | 'part' | 'takenOn'>> = {},
  ): Promise<void> {
    isStopped.value = false
    refusals.value = []
    const picture = await photoBytes(photo.id)
    if (!picture) {
      refusals.value.push(`${photo.fileName}: it could not be read from the server. Try again.`)
      return
    }
    await measure(photo, {
      picture,
      dabs: change.dabs ?? photo.measure?.dabs ?? [],
      part: change.part ?? photo.measure?.part ?? 'whole',
      ...(change.takenOn === undefined ? {} : { takenOn: change.takenOn }),
    })
  }
  function stop(): void {
    isStopped.value = true
    reader.stop()
  }
  const problem = computed(() => request.error.value)
  return { measure, measureAnew, stop, isStopped, refusals, measures, busy, problem }
}

/** Takes photos in, keeps each first and then measures it, so that none is lost to a fault. */
export function usePhotoStore(standId: () => string) {
  const keep = useChange(photoRoutes.keep, { told: 'beside' })
  const measuring = useMeasuring()
  const { measure, isStopped, refusals } = measuring
  const progress = ref<{ done: number; total: number }>()
  const part = ref<PhotoPart>('whole')

  async function takeOne(file: File): Promise<void> {
    const refused = refusalOf(file)
    if (refused !== undefined) {
      refusals.value.push(`${file.name}: ${refused}`)
      return
    }
    const photoId = crypto.randomUUID()
    const photo = await keep.send({
      standId: standId(),
      query: { id: photoId, fileName: keptFileName(file.name) },
      dto: file,
    })
    if (!photo) {
      refusals.value.push(`${file.name}: ${keep.error.value?.message ?? 'it could not be kept.'}`)
      return
    }
    await measure(photo, { picture: file, dabs: [], part: part.value })
  }

  /** Takes a batch in, one after the other; what came in before it was stopped stays. */
  async function take(files: Iterable<File> | undefined): Promise<void> {
    const all = [...(files ?? [])]
    if (all.length === 0) return
    refusals.value = []
    isStopped.value = false
    progress.value = { done: 0, total: all.length }
    for (const file of all) {
      if (isStopped.value) break
      await takeOne(file)
      progress.value = { done: progress.value.done + 1, total: all.length }
    }
    progress.value = undefined
  }
  const { measureAnew, stop, measures, busy, problem } = measuring
  const opened = shallowRef<string>()
  return { take, stop, measureAnew, progress, refusals, part, measures, busy, opened, problem }
}

export type PhotoStore = ReturnType<typeof usePhotoStore>
