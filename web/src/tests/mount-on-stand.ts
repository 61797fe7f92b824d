import { meAt } from './me.ts'
import { recorded } from './recorded.ts'
import type { PlaceDto } from '@spudder/contract/place'
import type { StandStoryDto } from '@spudder/contract/stand'
import type { Context } from '@spudder/core/stand/plant'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { vi } from 'vitest'
import { computed, defineComponent, h, type Component } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { standRow } from './rows.ts'
import { provideStandCase } from '../shared/case/stand-case.ts'

/** What a panel of a stand is mounted with. */
interface OnStand {
  readonly context?: Context
  readonly plantId?: string
  readonly story?: Partial<StandStoryDto>
  readonly settings?: PlaceDto['settings']
}

/** A panel of a stand, with what was sent to the server. */
export interface MountedPanel {
  readonly panel: VueWrapper
  readonly sent: { readonly method: string; readonly path: string; readonly body: unknown }[]
}

function storyOf({
  context = 'turf',
  plantId = 'creeping-bentgrass',
  story,
}: OnStand): StandStoryDto {
  const isLoop = context === 'aquaponic' || context === 'hydroponic'
  return {
    stand: standRow({
      context,
      plantId,
      ...(isLoop ? { size: { kind: 'solution', volumeL: 900 } } : {}),
    }),
    readings: [],
    events: [],
    cases: [],
    looks: [],
    photos: [],
    remedies: [],
    acidPlans: [],
    jobs: [],
    entries: [],
    ...story,
  }
}

/** Every page by its name, each an empty one. */
function routerOfPages() {
  const step = { template: '<p />' }
  return createRouter({
    history: createMemoryHistory(),
    routes: [
      'estate',
      'look',
      'verdict',
      'bench',
      'remedy',
      'acid',
      'jobs',
      'shelf',
      'reference',
      'sprayers',
      'sheet',
      'history',
      'size',
      'dates',
      'record',
      'watch',
      'eye',
      'trials',
      'zones',
    ].map((name) => ({
      path: name === 'estate' ? '/' : `/${name}`,
      name,
      component: step,
    })),
  })
}

/**
 * Mounts a panel on a stand, with a server that answers from `answers` by path and else with the
 * stand's story.
 */
export async function mountOnStand(
  panel: Component,
  given: OnStand = {},
  answers: Readonly<Record<string, unknown>> = {},
): Promise<MountedPanel> {
  const sent: MountedPanel['sent'] = []
  const place = {
    id: 'place',
    name: 'Vennlow',
    unitSystem: 'us',
    climate: 'temperate',
    settings: given.settings ?? {},
    ...recorded,
  }
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    const path = url.replace('/api', '')
    if (method !== 'GET') {
      sent.push({ method, path, body: typeof body === 'string' ? JSON.parse(body) : body })
    }
    const known = Object.entries(answers).find(([part]) => path.includes(part))?.[1]
    const isList =
      /\/(products|sprayers|drills|eye-sittings|past-cases|trials|zones|advice|places\/[\w-]+\/stands)$/.test(
        path,
      )
    const answer = known ?? (path === '/places' ? [place] : isList ? [] : storyOf(given))
    return Promise.resolve(Response.json(answer, { status: method === 'POST' ? 201 : 200 }))
  })
  const page = defineComponent({
    setup() {
      const { story } = provideStandCase(computed(() => 'green'))
      // As on the page: panels come once the story is there.
      return () => (story.value ? h(panel) : undefined)
    },
  })
  const router = routerOfPages()
  const mounted = mount(page, { global: { plugins: [createPinia(), [PiniaColada, {}], router] } })
  await flushPromises()
  return { panel: mounted, sent }
}
