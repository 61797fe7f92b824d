import { onKeyStroke } from '@vueuse/core'
import { isTyping } from '../help/is-typing.ts'
import { useHelp } from '../help/use-help.ts'
import { usePalette } from './use-palette.ts'

/** The keys that open the palette and the help, wherever nothing is being typed. */
export function useShellKeys(): void {
  const palette = usePalette()
  const help = useHelp()
  const keys: Readonly<Record<string, () => void>> = { '/': palette.open, '?': help.open }
  onKeyStroke(Object.keys(keys), (event) => {
    if (isTyping(event.target)) return
    event.preventDefault()
    keys[event.key]?.()
  })
}
