import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'

beforeEach(() => vi.resetModules())
afterEach(() => vi.unstubAllGlobals())

/** What browsers tell of what they heard: its words, and how sure they are, on the class of it. */
class Heard {
  get confidence() {
    return 0.9
  }
}
const heard = (words: string) =>
  Object.create(Heard.prototype, { said: { value: words, enumerable: true } }) as object
class Hearing {
  static last: Hearing | undefined
  onresult: ((event: object) => void) | null = null
  onend: (() => void) | null = null
  onerror: ((event: object) => void) | null = null
  start() {
    Hearing.last = this
  }
  stop() {
    this.onend?.()
  }
}

it('writes down what was said, and says so where the microphone was refused', async () => {
  vi.stubGlobal('SpeechRecognition', Hearing)
  const { default: VoiceButton } = await import('./VoiceButton.vue')
  const button = mount(VoiceButton)
  await button.find('button').trigger('click')
  Hearing.last?.onresult?.({ results: [[heard('dew was gone ')], [heard('no wind')]] })
  expect(button.emitted('heard')).toEqual([['dew was gone no wind']])
  Hearing.last?.onerror?.({ error: 'not-allowed' })
  await button.vm.$nextTick()
  expect(button.text()).toContain('The microphone was refused')
})

it('is not there where the browser writes nothing down', async () => {
  const { default: VoiceButton } = await import('./VoiceButton.vue')
  expect(mount(VoiceButton).find('button').exists()).toBe(false)
})
