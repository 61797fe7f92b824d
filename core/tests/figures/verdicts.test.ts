import { expect, it } from 'vitest'
import { diagnoseCase } from '../../src/verdict/diagnosis/tests/diagnose-case.ts'
import { writtenCases } from '../../src/verdict/diagnosis/tests/index.ts'
import { nextChecks, reasonsFor, settlingOf } from '../../src/verdict/diagnosis/index.ts'
import { sayFigures } from './say-figures.ts'

it('verdicts, reasons and next checks of the written cases are what they were', async () => {
  const lines = writtenCases.map((written, index) => {
    const verdict = diagnoseCase(written)
    const ranked = verdict.ranked.slice(0, 4).map(({ id, probability }) => [id, probability])
    const [first] = verdict.ranked
    const reasons = reasonsFor(verdict, first?.id ?? '').map(({ name, weightDb }) => [name, weightDb]) // prettier-ignore
    // Each takes long to rank; every fourth case is enough to see one move.
    const checks = index % 4 ? undefined : nextChecks(verdict).slice(0, 3).map(({ check }) => check.id) // prettier-ignore
    const { state, chance } = settlingOf(verdict)
    return [`${index}`, { ranked, reasons, checks, settled: [state, chance] }] as const
  })
  await expect(sayFigures(lines)).toMatchFileSnapshot('verdicts.txt')
})
