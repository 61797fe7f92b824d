import { mount, type VueWrapper } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import FileButton from '../../ui/FileButton.vue'
import GridDrawing from './GridDrawing.vue'
import MapPieces from './MapPieces.vue'
import OutlineSketch from './OutlineSketch.vue'
import SizeFields from './SizeFields.vue'
import { freshSizeDraft, readSize, type SizeDraft } from './size-draft.ts'

const read = (kind: Parameters<typeof readSize>[0], typed: Partial<SizeDraft>) =>
  readSize(kind, { ...freshSizeDraft(), ...typed })
const areaOf = (typed: Partial<SizeDraft>) => {
  const { size } = read('area', typed)
  return size?.kind === 'area' ? size.areaM2 : undefined
}

describe('the size of ground as it is typed', () => {
  it.each([
    [{ way: 'area', area: '4500 ft2' }, 418.06],
    [{ way: 'sides', length: '40 m', width: '82 ft' }, 999.74],
    [{ way: 'circle', diameter: '20 m' }, 314.16],
    [{ way: 'triangle', side1: '3 m', side2: '4 m', side3: '5 m' }, 6],
    [{ way: 'offsets', line: '40 m', widths: '0, 8, 10, 6, 0 m' }, 240],
    [{ way: 'map', mapName: 'South', mapAreaM2: 777 }, 777],
    [{ way: 'draw', outline: [[0, 0], [10, 0], [10, 5]] }, 25],
  ] as const)('%j is %d m²', (typed, areaM2) => {
    expect(Math.abs((areaOf(typed as Partial<SizeDraft>) ?? 0) / areaM2 - 1)).toBeLessThan(1e-4)
  }) // prettier-ignore

  it('waits for what is not typed yet, and says what is wrong beside what is', () => {
    expect(read('area', { way: 'sides', length: '40 m' })).toMatchObject({
      size: undefined,
      problems: {},
    })
    const wrong = (typed: Partial<SizeDraft>) => read('area', typed).problems
    expect(wrong({ area: '-4 ft2' })['area']).toMatch(/Give an area such as/)
    expect(wrong({ way: 'sides', length: '0 m', width: '3 m' })['length']).toMatch(/from 0.1 to/)
    expect(wrong({ way: 'triangle', side1: '1 m', side2: '2 m', side3: '9 m' })['side3']).toMatch(
      /close/,
    )
    expect(wrong({ way: 'offsets', line: '40 m', widths: '4, wide m' })['widths']).toBeDefined()
    expect(wrong({ plants: '4 and some' })['plants']).toMatch(/rows times plants/)
  })

  it('hands on the edge for the sheet and what was counted besides', () => {
    const { measures } = read('area', {
      way: 'sides',
      length: '40 m',
      width: '25 m',
      plants: '4 x 12',
      row: '300 ft',
    })
    expect(measures.plantCount).toBe(48)
    expect(measures.rowM).toBeCloseTo(91.44, 6)
    expect(measures.outline).toHaveLength(4)
    expect(read('area', { area: '900 m2' }).measures).toEqual({})
  })
})

describe('the size of anything else', () => {
  it('takes trunks by diameter or by girths with a tape', () => {
    expect(read('trunks', { count: '4 x 6', trunk: '10 cm' }).size).toMatchObject({
      kind: 'trunks',
      count: 24,
      diameterM: 0.1,
    })
    const girths = read('trunks', { girths: '30, 32, 34 cm' }).size
    expect(girths).toMatchObject({ count: 3 })
    expect(girths?.kind === 'trunks' && girths.diameterM).toBeCloseTo(0.32 / Math.PI, 9)
    expect(read('trunks', { count: '50', girths: '30, 34 cm', ground: '0.1 acre' })).toMatchObject({
      size: { count: 50 },
    })
  })

  it('takes pots by rows, and a loop by its parts', () => {
    expect(read('pots', { count: '12 x 40', pot: '3 L' }).size).toEqual({
      kind: 'pots',
      count: 480,
      potL: 3,
    })
    expect(read('solution', { volume: '900 L' }).size).toEqual({ kind: 'solution', volumeL: 900 })
    const parts: SizeDraft['parts'] = [
      { kind: 'box', length: '4 m', width: '1.2 m', depth: '0.3 m', full: '' },
      { kind: 'upright', length: '', width: '1 m', depth: '1 m', full: '' },
      { kind: 'pipe', length: '12 m', width: '10 cm', depth: '', full: '40 %' },
      { kind: 'lying', length: '2 m', width: '1 m', depth: '0.5 m', full: '' },
    ]
    const { size } = read('solution', { parts })
    expect(size?.kind === 'solution' && size.volumeL).toBeCloseTo(
      1440 + 785.398 + 37.699 + 785.398,
      1,
    )
    expect(
      read('solution', { parts: parts.slice(0, 1).map((part) => ({ ...part, depth: '' })) }).size,
    ).toBeUndefined()
    expect(
      read('solution', {
        parts: [{ kind: 'lying', length: '2 m', width: '1 m', depth: '3 m', full: '' }],
      }).problems['parts'],
    ).toMatch(/diameter of the drum/)
  })
})

describe('the grid', () => {
  it('is drawn by keys alone: corners are added, moved and taken away', async () => {
    const drawing: VueWrapper<InstanceType<typeof GridDrawing>> = mount(GridDrawing, {
      props: {
        system: 'metric',
        modelValue: [],
        'onUpdate:modelValue': (outline: (readonly [number, number])[]) => drawing.setProps({ modelValue: outline }),
      },
    }) // prettier-ignore
    const button = (words: string) =>
      drawing.findAll('button').find((each) => each.text() === words)
    for (let i = 0; i < 3; i++) await button('Add a corner')?.trigger('click')
    const outline = () => drawing.props('modelValue')
    expect(outline()).toEqual([[2, 2], [4, 2], [6, 2]]) // prettier-ignore
    const last = drawing.findAll('.corner').at(-1)
    expect(last?.attributes('aria-label')).toMatch(/^Corner 3, 6 m along, 2 m up/)
    for (let i = 0; i < 5; i++) await last?.trigger('keydown', { key: 'ArrowUp' })
    expect(outline()[2]?.[1]).toBeCloseTo(4, 9)
    await last?.trigger('keydown', { key: 'Delete' })
    expect(outline()).toHaveLength(2)
    await button('Start over')?.trigger('click')
    expect(outline()).toEqual([])
  })
})

describe('a map file', () => {
  const open = async (text: string, name = 'field.geojson') => {
    const pieces = mount(MapPieces, { props: { system: 'metric', chosen: '' } })
    pieces.getComponent(FileButton).vm.$emit('files', [new File([text], name)])
    await new Promise((resolve) => setTimeout(resolve, 0))
    await pieces.vm.$nextTick()
    return pieces
  }
  const ring = [[0, 0], [0.001, 0], [0.001, 0.001], [0, 0]] // prettier-ignore
  const polygon = { type: 'Polygon', coordinates: [ring] }

  it('with one piece is taken at once, with several by choice', async () => {
    const one = await open(JSON.stringify(polygon))
    expect(one.emitted('take')).toHaveLength(1)
    const two = await open(
      JSON.stringify({ type: 'GeometryCollection', geometries: [polygon, polygon] }),
    )
    expect(two.emitted('take')).toBeUndefined()
    await two.findAll('input[type=radio]')[1]?.setValue(true)
    expect(two.emitted('take')?.[0]).toMatchObject([{ name: 'Piece 2' }])
  })

  it('that is none says so, with its name', async () => {
    const bad = await open('PK not a map', 'photo.zip')
    expect(bad.text()).toContain('photo.zip: give a GeoJSON file; this is no JSON.')
  })
})

describe('the fields of a size', () => {
  it('show what the measures come to, and the ground as a sketch', () => {
    const draft = { ...freshSizeDraft(), way: 'sides' as const, length: '40 m', width: '25 m' }
    const fields = mount(SizeFields, {
      props: {
        modelValue: draft,
        kind: 'area',
        system: 'metric',
        read: readSize('area', draft),
        messageFor: () => undefined,
      },
    })
    expect(fields.text()).toContain('1,000 m² area = length × width')
    expect(fields.findComponent(OutlineSketch).exists()).toBe(true)
  })

  it('draw where fills end, numbered, but for the last', () => {
    const ends = [{ share: 0.5, alongM: 20, line: [[20, 0], [20, 25]] }, { share: 1, alongM: 40, line: [[40, 0], [40, 25]] }] as const // prettier-ignore
    const outline = [[0, 0], [40, 0], [40, 25], [0, 25]] as const // prettier-ignore
    const sketch = mount(OutlineSketch, { props: { outline, ends, label: 'Ground' } })
    expect(sketch.findAll('line')).toHaveLength(1)
    expect(sketch.text()).toBe('1')
  })
})
