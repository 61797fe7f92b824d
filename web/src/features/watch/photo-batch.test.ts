import type { Asked } from '../../shared/worker/messages.ts'
import type { PhotoMeasure } from '@spudder/core/seen/photo'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { measureRow, photoRow } from '../../tests/photo-rows.ts'
import PhotoBatch from './PhotoBatch.vue'
import type { PhotoAnswer, PhotoQuestion } from '../../shared/photo/photo-reading.ts'
import { readPhoto, sizeToMeasure } from '../../shared/photo/photo-reading.ts'
import { overlayOf, severityColours } from './severity-overlay.ts'

const measured: PhotoMeasure = {
  ...measureRow(),
  width: 2,
  height: 1,
  severityMap: Uint8Array.from([0, 255]),
  light: { mean: 0.4, clipped: 0, sharpness: 0.2, chroma: 60 },
  card: undefined,
  printFault: undefined,
  cardResidual: 0.004,
  remarks: [],
}

/** A worker in the hand of a test: it answers what it is told to. */
class HandWorker {
  static asked: PhotoQuestion[] = []
  static answer: (question: PhotoQuestion) => PhotoAnswer | undefined = () => ({
    measure: measured,
  })
  static ended = 0
  #listener: (event: { data: object }) => void = () => undefined
  addEventListener(kind: string, listener: (event: { data: object }) => void): void {
    if (kind === 'message') this.#listener = listener
  }
  postMessage({ number, question }: Asked<PhotoQuestion>): void {
    // The verdict of the stand asks workers too.
    if (!('picture' in question)) return
    HandWorker.asked.push(question)
    const answer = HandWorker.answer(question)
    if (answer) queueMicrotask(() => this.#listener({ data: { number, answer } }))
  }
  terminate(): void {
    HandWorker.ended += 1
  }
}

const file = (name: string, type = 'image/jpeg') => new File(['bytes'], name, { type })
const open = async (photos = [photoRow()]) => {
  const mounted = await mountOnStand(PhotoBatch, { story: { photos } }, {
    '/measure': photoRow(),
    '/photos': photoRow(),
  }) // prettier-ignore
  const { panel } = mounted
  const drop = async (...files: File[]) => {
    await panel.find('section.batch').trigger('drop', { dataTransfer: { files } })
    for (let round = 0; round < 8; round++) await flushPromises()
  }
  return { ...mounted, drop }
}

beforeEach(() => {
  vi.stubGlobal('Worker', HandWorker)
  HandWorker.asked = []
  HandWorker.ended = 0
  HandWorker.answer = () => ({ measure: measured })
})
afterEach(() => vi.unstubAllGlobals())

describe('photos taken in', () => {
  it('are kept first, then measured, then what was measured is kept', async () => {
    const { sent, drop } = await open()
    await drop(file('one.jpg'), file('two.jpg'))
    expect(sent.map(({ path }) => path.replace(/id=[^&]+/, 'id=…'))).toEqual([
      '/stands/green/photos?id=…&fileName=one.jpg',
      expect.stringMatching(/^\/photos\/.*\/measure$/),
      '/stands/green/photos?id=…&fileName=two.jpg',
      expect.stringMatching(/^\/photos\/.*\/measure$/),
    ])
    expect(sent[1]?.body).toMatchObject({ darkGreenIndex: 0.45, isComparable: true, part: 'whole' })
    expect(sent[1]?.body).not.toHaveProperty('severityMap')
  })

  it('of another kind are refused by name, and the rest is taken', async () => {
    const { panel, sent, drop } = await open()
    await drop(file('notes.txt', 'text/plain'), file('leaf.png', 'image/png'))
    expect(panel.find('.refusals').text()).toBe('notes.txt: give a JPEG or PNG picture.')
    expect(sent).toHaveLength(2)
  })

  it('that cannot be decoded stay kept, with words that say what is wrong', async () => {
    HandWorker.answer = () => ({
      refused: 'This is no picture that can be read.',
    })
    const { panel, sent, drop } = await open()
    await drop(file('broken.jpg'))
    expect(sent).toHaveLength(1)
    expect(panel.find('.refusals').text()).toContain('This is no picture that can be read.')
  })

  it('can be stopped: the worker ends, what came in stays, nothing more is begun', async () => {
    HandWorker.answer = () => undefined
    const { panel, sent, drop } = await open()
    await drop(file('one.jpg'), file('two.jpg'), file('three.jpg'))
    expect(panel.find('.progress').text()).toContain('0 of 3 measured')
    await panel.find('.progress button').trigger('click')
    await flushPromises()
    expect(HandWorker.ended).toBe(1)
    expect(sent).toHaveLength(1)
    expect(panel.find('.progress').exists()).toBe(false)
    expect(panel.find('.refusals').exists()).toBe(false)
  })
})

describe('photos that are kept', () => {
  it('show their index, or that they are not compared', async () => {
    const refused = photoRow({ id: 'b', measure: measureRow({ isComparable: false, remarks: ['no-card'] }) }) // prettier-ignore
    const { panel } = await open([photoRow(), refused, photoRow({ id: 'c', measure: null })])
    const said = panel.findAll('.strip button').map((each) => each.text())
    expect(said[0]).toContain('0.45')
    expect(said[1]).toMatch(/not compared.*No colour card was found/)
    expect(said[2]).toContain('not measured')
  })

  it('are measured again with what the brush took out', async () => {
    const { panel, sent } = await open()
    await panel.find('.strip button').trigger('click')
    const picture = panel.find('.picture')
    await picture.trigger('keydown', { key: '5' })
    const measure = panel.findAll('button').find((each) => each.text() === 'Measure without it')
    await measure?.trigger('click')
    for (let round = 0; round < 8; round++) await flushPromises()
    expect(HandWorker.asked[0]?.dabs).toEqual([
      { is: 'not-plant', x: 0.5, y: 0.5, radius: 0.025, andAlike: true },
    ])
    expect(sent[0]).toMatchObject({ path: '/photos/photo/measure', body: { dabs: [{ x: 0.5 }] } })
  })

  it('that the server does not give now are told, and nothing is measured', async () => {
    const { panel, sent } = await open()
    await panel.find('.strip button').trigger('click')
    await panel.find('.picture').trigger('keydown', { key: '5' })
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')))
    await panel.findAll('button').find((each) => each.text() === 'Measure without it')?.trigger('click') // prettier-ignore
    for (let round = 0; round < 4; round++) await flushPromises()
    expect(panel.find('.refusals').text()).toContain('could not be read from the server')
    expect(HandWorker.asked).toEqual([])
    expect(sent).toEqual([])
  })

  it('tell what stands against them, and how much of the leaf is how bad', async () => {
    const { panel } = await open([photoRow({ measure: measureRow({ remarks: ['blurred'] }) })])
    await panel.find('.strip button').trigger('click')
    expect(panel.find('.remark').text()).toContain('The picture is blurred')
    expect(panel.findAll('.severities li').map((each) => each.text().replace(/\s+/g, ' '))).toEqual(
      ['0 30 %', '1 40 %', '2 20 %', '3 10 %', '4 0 %', '5 0 %'],
    )
  })
})

describe('a picture before it is measured', () => {
  it('is held to its long side, and never made larger', () => {
    expect(sizeToMeasure(4000, 3000)).toEqual([800, 600])
    expect(sizeToMeasure(300, 400)).toEqual([300, 400])
  })

  it('that is none is refused in words, by the worker that was asked', async () => {
    vi.stubGlobal('createImageBitmap', () => Promise.reject(new Error('InvalidStateError')))
    const answer = await readPhoto({ picture: new Blob(['x']), dabs: [] })
    expect(answer).toEqual({ refused: expect.stringContaining('Send a JPEG or PNG') })
  })

  it.each([
    [[200, 900], 'too small'],
    [[20000, 9000], 'too large'],
  ])('of %j pixels is refused and let go of', async ([width, height], words) => {
    const close = vi.fn()
    vi.stubGlobal('createImageBitmap', () => Promise.resolve({ width, height, close }))
    const answer = await readPhoto({ picture: new Blob(['x']), dabs: [] })
    expect(answer).toMatchObject({ refused: expect.stringContaining(words) })
    expect(close).toHaveBeenCalled()
  })
})

describe('severity over the photo', () => {
  it('is in the colour of such a leaf, and dims what is none', () => {
    const data = overlayOf(Uint8Array.from([3, 255]))
    const hex = [...data.slice(0, 3)].map((each) => each.toString(16).padStart(2, '0')).join('')
    expect(`#${hex}`).toBe(severityColours[3])
    expect(data[7]).toBeLessThan(255)
  })
})
