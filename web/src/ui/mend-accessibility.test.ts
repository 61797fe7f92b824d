import { afterEach, describe, expect, it } from 'vitest'
import { eventually } from '../tests/eventually.ts'
import { afterPaint } from './after-paint.ts'
import { keepMended, mendAll } from './mend-accessibility.ts'

afterEach(() => (document.body.innerHTML = ''))
const page = (html: string) => {
  document.body.innerHTML = html
  return (selector: string) => {
    const found = document.body.querySelector<HTMLElement>(selector)
    if (!found) throw new Error(`no ${selector}`)
    return found
  }
}
const select = (isOpen: boolean) =>
  `<label for="plant">Plant</label>
   <div class="ant-select ${isOpen ? 'ant-select-open' : ''}">
     <input id="plant" role="combobox" aria-owns="plant_list" aria-activedescendant="gone" /></div>
   ${isOpen ? '<div role="listbox" id="plant_list"></div>' : ''}`

describe('the mending of the library', () => {
  it('says of a closed choice that it is closed, and names no list that is not there', () => {
    const at = page(select(false))
    mendAll()
    const { attributes } = at('input')
    expect(attributes.getNamedItem('aria-expanded')?.value).toBe('false')
    for (const name of ['aria-owns', 'aria-controls', 'aria-activedescendant']) {
      expect(attributes.getNamedItem(name), name).toBeNull()
    }
  })

  it('names the list of an open one as its field is named', () => {
    const at = page(select(true))
    mendAll()
    expect(at('input').getAttribute('aria-expanded')).toBe('true')
    expect(at('input').getAttribute('aria-controls')).toBe('plant_list')
    expect(at('[role=listbox]').getAttribute('aria-label')).toBe('Plant')
  })

  it('leaves icons unsaid, and takes a second button off an upload', () => {
    const at = page(
      `<span class="ant-table-column-sorter-inner"><i class="anticon" role="img" aria-label="up"></i></span>
       <span class="ant-upload" role="button" tabindex="0"><input type="file" /><button>Add</button></span>`,
    )
    mendAll()
    expect(at('i').getAttribute('aria-hidden')).toBe('true')
    expect(at('i').hasAttribute('aria-label')).toBe(false)
    expect(at('.ant-upload').hasAttribute('role')).toBe(false)
    expect(at('input').getAttribute('aria-label')).toBe('Add')
  })

  it('names arrows of a calendar and a bar that has no name', () => {
    const at = page(
      `<div class="ant-picker-header"><button class="ant-picker-header-next-btn"></button></div>
       <div role="progressbar"></div><div class="ant-select-item" aria-selected="false"></div>`,
    )
    mendAll()
    expect(at('button').getAttribute('aria-label')).toBe('The month after')
    expect(at('[role=progressbar]').getAttribute('aria-label')).toBe('How far it is')
    expect(at('.ant-select-item').hasAttribute('aria-selected')).toBe(false)
  })

  it('says of a drawer that it is a dialog, by its title', () => {
    const at = page(
      `<div class="ant-drawer-content"><div class="ant-drawer-title">Help</div></div>`,
    )
    mendAll()
    expect(at('[role=dialog]').getAttribute('aria-label')).toBe('Help')
  })

  it('lets a fold be opened by the space bar too, as a button is', () => {
    const end = keepMended()
    const at = page('<div class="ant-collapse-header" role="button" tabindex="0">More</div>')
    let clicks = 0
    at('[role=button]').addEventListener('click', () => (clicks += 1))
    for (const key of [' ', 'Enter', 'a']) {
      at('[role=button]').dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
    }
    expect(clicks).toBe(1)
    end()
  })

  it('lets a day be typed, and a long list be scrolled by keys', () => {
    const at = page(
      `<div class="ant-picker-input"><input readonly /></div><div class="rc-virtual-list-holder"></div>`,
    )
    mendAll()
    expect(at('input').hasAttribute('readonly')).toBe(false)
    expect(at('.rc-virtual-list-holder').tabIndex).toBe(0)
  })

  it('goes on with whatever comes and changes, until it is ended', async () => {
    const end = keepMended()
    const at = page('<span class="ant-upload"><input type="file" /><b>Keeping</b></span>')
    const named = (words: string) =>
      eventually(() => expect(at('input').getAttribute('aria-label')).toBe(words))
    await named('Keeping')
    const words = at('b').firstChild as Text
    words.data = 'Add'
    await named('Add')
    end()
    words.data = 'Over'
    await new Promise((resolve) => afterPaint(() => setTimeout(resolve)))
    expect(at('input').getAttribute('aria-label')).toBe('Add')
  })
})
