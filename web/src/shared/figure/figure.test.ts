import { mount, type DOMWrapper } from '@vue/test-utils'
import type { Paint } from '@spudder/core/seen/finding'
import { leavesOf } from '@spudder/core/seen/painter'
import { describe, expect, it } from 'vitest'
import LeafSwatch from './LeafSwatch.vue'
import PlantFigure from './PlantFigure.vue'

const figure = (paint: Paint = {}, isPaintable = true) =>
  mount(PlantFigure, {
    attachTo: document.body,
    props: { context: 'turf', plantId: 'creeping-bentgrass', paint, isPaintable },
  })

const pointTo = ({ element }: DOMWrapper<Element>, type: string) =>
  element.dispatchEvent(new MouseEvent(type, { bubbles: true, view: window }))

describe('the drawn plant', () => {
  it('has a name and a touchable leaf for every leaf of its kind', () => {
    const drawn = figure()
    expect(drawn.find('svg').attributes('aria-label')).toBe('Drawn creeping bentgrass')
    const ids = drawn.findAll('[data-leaf]').map((leaf) => leaf.attributes('data-leaf'))
    expect(ids).toEqual(leavesOf('tuft').map(({ id }) => id))
    expect(drawn.findAll('[data-leaf][role=button][tabindex="0"]')).toHaveLength(ids.length)
  })

  it('says of every leaf what is painted on it', () => {
    const drawn = figure({ 'leaf-13': { severity: 3, pattern: 'fine-green-veins' } })
    const words = (id: string) => drawn.find(`[data-leaf=${id}]`).attributes('aria-label')
    expect(words('leaf-13')).toBe('leaf 1 of 13, young: 3, yellow; fine green veins on yellow')
    expect(words('leaf-1')).toBe('leaf 13 of 13, old: green')
  })

  it('is painted by pointer, by drawing over it, and by keys', async () => {
    const drawn = figure()
    const leaf = drawn.find('[data-leaf=leaf-12]')
    const mouse = (type: string, id: string) => pointTo(drawn.find(`[data-leaf=${id}]`), type)
    mouse('mousemove', 'leaf-11')
    mouse('mousedown', 'leaf-12')
    mouse('mousemove', 'leaf-12')
    mouse('mousemove', 'leaf-11')
    mouse('mousemove', 'leaf-12')
    mouse('mouseup', 'leaf-12')
    mouse('mousemove', 'leaf-11')
    expect(drawn.emitted('paint')).toEqual([['leaf-12'], ['leaf-11'], ['leaf-12']])
    await leaf.trigger('keydown', { key: 'Enter' })
    await leaf.trigger('keydown', { key: ' ' })
    // As a screen reader activates it: a click that nothing pressed.
    await leaf.trigger('click', { detail: 0 })
    expect(drawn.emitted('paint')?.slice(3)).toEqual([['leaf-12'], ['leaf-12'], ['leaf-12']])
    drawn.unmount()
  })

  it('lets the roots be looked at by pointer and key', async () => {
    const drawn = figure()
    const roots = drawn.find('[aria-label^=Roots]')
    await roots.trigger('click')
    await roots.trigger('keydown', { key: 'Enter' })
    expect(drawn.emitted('roots')).toHaveLength(2)
  })

  it('is a picture only, where nothing is to be painted', async () => {
    const drawn = figure({}, false)
    expect(drawn.find('[role=button]').exists()).toBe(false)
    for (const type of ['mousedown', 'mousemove', 'mouseup']) {
      pointTo(drawn.find('[data-leaf]'), type)
    }
    expect(drawn.emitted('paint')).toBeUndefined()
  })
})

describe('a swatch', () => {
  it('is decoration: its words stand beside it', () => {
    const paint = { severity: 3, pattern: 'mottle' } as const
    const swatch = mount(LeafSwatch, { props: { form: 'ovate', paint } })
    expect(swatch.find('svg').attributes('aria-hidden')).toBe('true')
    expect(swatch.findAll('path').length).toBeGreaterThan(3)
  })
})
