import { onKeyStroke, useEventListener } from '@vueuse/core'
import { isTyping } from '../help/is-typing.ts'
import { useHelp } from '../help/use-help.ts'
import { usePalette } from './use-palette.ts'

/**
 * The keys that open the palette and the help, wherever nothing is being typed. Who types on at once
 * is faster than the palette, which is loaded only then: those keys are kept for its field.
 */
export function useShellKeys(): void {
  const palette = usePalette()
  useEventListener('keydown', ({ key, target, ctrlKey, metaKey }) => {
    if (!palette.isAwaited || isTyping(target) || ctrlKey || metaKey) return
    if (key === 'Enter') palette.isEnteredAhead = true
    else if (key === 'Escape') palette.close()
    else if (key.length === 1 && !palette.isEnteredAhead) palette.typedAhead += key
  })
  const help = useHelp()
  const keys: Readonly<Record<string, () => void>> = { '/': palette.open, '?': help.open }
  onKeyStroke(Object.keys(keys), (event) => {
    if (isTyping(event.target) || palette.isOpen) return
    event.preventDefault()
    keys[event.key]?.()
  })
}
