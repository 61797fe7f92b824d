import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import FileButton from './FileButton.vue'
import { mendAll } from './mend-accessibility.ts'

const open = (isMultiple: boolean) =>
  mount(FileButton, {
    props: { accept: '.csv', words: 'Open a file', isMultiple, mostMegabytes: 2 },
  })
const file = (name: string) => new File(['a'], name)

/** Chooses files as the browser's own dialogue would. */
async function choose(button: ReturnType<typeof open>, files: readonly File[]): Promise<void> {
  const input = button.find('input')
  Object.defineProperty(input.element, 'files', { value: files, configurable: true })
  await input.trigger('change')
}

describe('a button that opens files', () => {
  it('is named by its words and asks for its kinds', () => {
    const button = open(false)
    expect(button.find('button').text()).toBe('Open a file')
    expect(button.find('input').attributes()).toMatchObject({ type: 'file', accept: '.csv' })
    expect(button.find('input').attributes('multiple')).toBeUndefined()
    // What the library leaves unnamed is named where it is mended.
    mendAll(button.element.parentElement ?? document)
    expect(button.find('input').attributes('aria-label')).toBe('Open a file')
    expect(button.find('.ant-upload').attributes('role')).toBeUndefined()
  })

  it('hands on what was chosen, the same file a second time too', async () => {
    const button = open(true)
    expect(button.find('input').attributes('multiple')).toBeDefined()
    const both = [file('a.csv'), file('b.csv')]
    await choose(button, both)
    await choose(button, both)
    expect(button.emitted('files')).toEqual([[both], [both]])
    expect(button.find('input').element.value).toBe('')
  })

  it('says how much is taken before and after, and hands on only what is not too large', async () => {
    const button = open(true)
    expect(button.text()).toContain('up to 2 MB')
    const large = new File([new Uint8Array(3 * 1024 * 1024)], 'ten-years.csv')
    const small = file('a.csv')
    await choose(button, [large, small])
    expect(button.emitted('files')).toEqual([[[small]]])
    expect(button.find('[role=alert]').text()).toMatch(/^ten-years\.csv has 3 MB; up to 2 MB are/)
    await choose(button, [small])
    expect(button.find('[role=alert]').exists()).toBe(false)
  })

  it('says nothing where nothing was chosen', async () => {
    const button = open(false)
    await choose(button, [])
    expect(button.emitted('files')).toBeUndefined()
  })
})
