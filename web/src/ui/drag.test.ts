import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h, withDirectives } from 'vue'
import { vDrag, type Drag } from './drag.ts'

const host = (drag: Drag) =>
  mount(
    defineComponent({
      setup: () => () =>
        h('div', { class: 'ground' }, withDirectives(h('b', { class: 'thing' }), [[vDrag, drag]])),
    }),
    { attachTo: document.body },
  )
const mouse = (on: Element | Window, type: string, clientX: number, more: MouseEventInit = {}) =>
  on.dispatchEvent(
    new MouseEvent(type, { bubbles: true, cancelable: true, view: window, clientX, ...more }),
  )

function dragged(drag: Partial<Drag> = {}, pressed: MouseEventInit = {}) {
  const seen: unknown[] = []
  const wrapper = host({
    start: ({ x }) => seen.push(['start', x]),
    move: ({ x }) => seen.push(['move', x]),
    end: () => seen.push('end'),
    ...drag,
  })
  const { element } = wrapper.find('.thing')
  mouse(element, 'mousedown', 10, pressed)
  mouse(window, 'mousemove', 30)
  mouse(window, 'mouseup', 35)
  mouse(window, 'mousemove', 50)
  wrapper.unmount()
  return seen
}

describe('dragging', () => {
  it('starts where it is pressed, follows the pointer anywhere, and ends when it is let go', () => {
    expect(dragged()).toEqual([['start', 10], ['move', 30], 'end'])
  })

  it('keeps what is dragged at its distance from the pointer', () => {
    expect(dragged({ at: () => ({ x: 100, y: 0 }) })).toEqual([
      ['start', 100],
      ['move', 120],
      'end',
    ])
  })

  it('is for the first button: others open menus', () => {
    expect(dragged({}, { button: 2 })).toEqual([])
    expect(dragged({}, { ctrlKey: true })).toEqual([])
  })

  it('leaves scrolling to a thumb where it is told to', () => {
    const touchAction = (isByThumb?: boolean) =>
      host({ move: () => undefined, ...(isByThumb === undefined ? {} : { isByThumb }) })
        .find<HTMLElement>('.thing')
        .element.style.getPropertyValue('touch-action')
    expect([touchAction(), touchAction(false)]).toEqual(['none', ''])
  })

  it('says what is wrong where it is to be measured in nothing', () => {
    const faults: unknown[] = []
    const note = (event: ErrorEvent) => faults.push(event.error)
    window.addEventListener('error', note)
    try {
      dragged({ within: () => null })
    } catch (error) {
      faults.push(error)
    }
    window.removeEventListener('error', note)
    expect(String(faults[0])).toContain('a drag needs a drawing')
  })
})
