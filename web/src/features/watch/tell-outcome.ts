import { lookRoutes } from '@spudder/contract/look'
import { useChange } from '../../api/use-change.ts'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { today } from '../../shared/units/today.ts'

/** Tells the verdict what came of the iron: the last look again, with that as a finding. */
export function useTellOutcome() {
  const { standId, judged, newestLook } = useStandCase()
  const store = useChange(lookRoutes.create)
  const value = computed(() => {
    const word = judged.value?.judgement.word
    const known = newestLook.value?.findings.ironTried
    if (!newestLook.value || known !== undefined) return undefined
    if (word === 'no response') return 'nothing' as const
    return word === 'on course' || word === 'fading' ? ('greened' as const) : undefined
  })
  const words = computed(() =>
    value.value === 'nothing'
      ? 'Tell the verdict that nothing came of it'
      : 'Tell the verdict that it greened',
  )
  async function tell(): Promise<void> {
    if (!value.value || !newestLook.value) return
    const { findings, paint } = newestLook.value
    const dto = {
      id: crypto.randomUUID(),
      lookedOn: today(),
      findings: { ...findings, ironTried: value.value },
      paint,
    }
    await store.send({ standId: standId.value, dto })
  }
  return { value, words, tell, isTelling: store.isLoading }
}
