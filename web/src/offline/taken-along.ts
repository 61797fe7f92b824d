import { dayRoutes, type DayDto } from '@spudder/contract/day'
import { personRoutes } from '@spudder/contract/person'
import { placeRoutes } from '@spudder/contract/place'
import { productRoutes } from '@spudder/contract/shelf'
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { eyeRoutes } from '@spudder/contract/eye'
import { learningRoutes } from '@spudder/contract/learning'
import { estateRoutes } from '@spudder/contract/stand'
import { tickRoutes } from '@spudder/contract/tick'
import { trialRoutes } from '@spudder/contract/trial'
import { zoneRoutes } from '@spudder/contract/zone'
import { putsOut } from '@spudder/core/days/plan'
import type { Day } from '@spudder/core/base/calendar'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { addressOf, call } from '../api/call.ts'
import { keepForOutside } from './keep-for-outside.ts'

/** Where this device remembers what goes along. */
const [chosenKey, openedKey, standsKey] = ['spudder:along', 'spudder:opened-sheets', 'spudder:taken-along'] as const // prettier-ignore
/** All of it, for who signs out: names of stands are somebody's. */
export const takenAlongKeys = [chosenKey, openedKey, standsKey] as const

/** A stand that somebody wants along, beside those of the day. */
interface AlongStand {
  readonly id: string
  readonly name: string
}

/** A sheet that was opened: whoever opens one means to go out with it. */
interface OpenedSheet {
  readonly stand: AlongStand
  readonly jobId: string
  readonly day: Day
}

/** Everything that the pages of a stand are filled from outside. */
const ofStand = (standId: string): string[] => [
  addressOf(estateRoutes.story, { standId }),
  addressOf(trialRoutes.all, { standId }),
  addressOf(zoneRoutes.all, { standId }),
]

/** Everything that the day of a place is filled from. */
const ofPlace = (placeId: string, day: Day): string[] => [
  addressOf(placeRoutes.all, {}),
  addressOf(personRoutes.me, {}),
  addressOf(dayRoutes.day, { placeId, query: { day } }),
  addressOf(productRoutes.all, { placeId }),
  addressOf(sprayerRoutes.all, { placeId }),
]

/** What the place knows of itself, as far as it counts there: colours are judged outside as they are inside. */
async function knownOf(placeId: string): Promise<string[]> {
  const place = (await call(placeRoutes.all, {})).find(({ id }) => id === placeId)
  return [
    ...(place && !place.settings.takesAsSaid ? [addressOf(eyeRoutes.all, { placeId })] : []),
    ...(place?.settings.learns ? [addressOf(learningRoutes.of, { placeId })] : []),
  ]
}

/** How far the sheets of a day are done. */
const ofSheets = ({ mine, overdue, others }: DayDto): string[] =>
  [...mine, ...overdue, ...others]
    .filter(({ job }) => putsOut(job.kind))
    .map(({ job }) => addressOf(tickRoutes.all, { jobId: job.id }))

/** Stands of a day, each once, by what they are called. */
const standsOf = ({ mine, overdue, others, tomorrow }: DayDto): AlongStand[] =>
  [...mine, ...overdue, ...others, ...tomorrow].map(({ job, standName }) => ({
    id: job.standId,
    name: standName,
  }))

/** What goes along outside, so that it opens without signal: the day, its stands, and any that somebody chose. */
export const useTakenAlong = defineStore('taken-along', () => {
  const chosen = useLocalStorage<AlongStand[]>(chosenKey, [])
  const opened = useLocalStorage<OpenedSheet[]>(openedKey, [])
  /** Stands whose pages open without signal now. */
  const stands = useLocalStorage<AlongStand[]>(standsKey, [])
  /** Whether this page has seen to it. */
  const isKept = ref(false)
  const isTaking = ref(false)
  const isAlong = (standId: string): boolean => stands.value.some(({ id }) => id === standId)
  const isChosen = (standId: string): boolean => chosen.value.some(({ id }) => id === standId)

  /** Takes along what is needed on a day; what is there already is taken anew. */
  async function take(placeId: string, day: Day): Promise<void> {
    if (isTaking.value) return
    isTaking.value = true
    try {
      const today = await call(dayRoutes.day, { placeId, query: { day } })
      opened.value = opened.value.filter((each) => each.day === day)
      const ofDay = [...standsOf(today), ...opened.value.map(({ stand }) => stand)]
      const ofOpened = opened.value.map(({ jobId }) => addressOf(tickRoutes.all, { jobId }))
      const wanted = [...new Map([...ofDay, ...chosen.value].map((each) => [each.id, each])).values()] // prettier-ignore
      const addresses = [
        ...ofPlace(placeId, day),
        ...(await knownOf(placeId)),
        ...ofSheets(today),
        ...ofOpened,
        ...wanted.flatMap(({ id }) => ofStand(id)),
      ]
      isKept.value = await keepForOutside(addresses)
      if (isKept.value) stands.value = wanted
    } catch {
      // Without signal what was taken before stays as it is.
    } finally {
      isTaking.value = false
    }
  }
  function openSheet(sheet: OpenedSheet): void {
    if (opened.value.every(({ jobId }) => jobId !== sheet.jobId)) opened.value = [...opened.value, sheet] // prettier-ignore
  }
  const choose = (stand: AlongStand): void => {
    if (!isChosen(stand.id)) chosen.value = [...chosen.value, stand]
  }
  const leave = (standId: string): void => {
    chosen.value = chosen.value.filter(({ id }) => id !== standId)
  }
  return {
    chosen,
    opened,
    stands,
    isKept,
    isTaking,
    isAlong,
    isChosen,
    take,
    openSheet,
    choose,
    leave,
  }
})
