import { PiniaColada, useQueryCache } from '@pinia/colada'
import { personRoutes } from '@spudder/contract/person'
import type { JobDto } from '@spudder/contract/job'
import { mount } from '@vue/test-utils'
import type { Pinia } from 'pinia'
import { carryBy } from '../api/carrier.ts'
import { keyOf } from '../api/call.ts'
import { outdoorCarrier } from '../offline/outdoor-carrier.ts'
import { meAt } from './me.ts'

/** Lets changes wait on this device, as the app does, on a page that has read who is signed in and some jobs. */
export function outdoors(pinia: Pinia, jobs: readonly JobDto[]) {
  const carriers: ReturnType<typeof outdoorCarrier>[] = []
  mount(
    {
      setup() {
        carriers.push(outdoorCarrier())
        return () => null
      },
    },
    { global: { plugins: [pinia, [PiniaColada, {}]] } },
  )
  const [carrier] = carriers
  if (!carrier) throw new Error('nobody carries')
  carryBy(carrier)
  const cache = useQueryCache(pinia)
  cache.setQueryData(keyOf(personRoutes.me, {}), meAt('place'))
  const mine = jobs.map((job) => ({ job, standName: 'Green 1' }))
  cache.setQueryData(['planning', 'day'], { mine, overdue: [], others: [], done: [], tomorrow: [] })
  return { carrier, cache }
}
