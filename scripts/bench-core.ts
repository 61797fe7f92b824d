import { contextNames, plantsOf, type Context } from '@spudder/core/plant'
import { diagnose, nextChecks, reasonsFor, type DiagnosisInput } from '@spudder/core/diagnosis'
import { findingsAsked, valuesOf, type Findings } from '@spudder/core/finding'
import { guessMap, readLaboratoryFile, RowReader } from '@spudder/core/laboratory'
import { randomLcg } from 'd3-random'
import Papa from 'papaparse'

/** Middle of some times [ms]. */
export function median(times: readonly number[]): number {
  return times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN
}

/** Runs something often and gives the middle time of one run [ms], after some runs to warm up. */
function timeOf(run: () => unknown, often = 200): number {
  for (let i = 0; i < 20; i += 1) run()
  const times = Array.from({ length: often }, () => {
    const start = performance.now()
    run()
    return performance.now() - start
  })
  return median(times)
}

/** What every time of a run is set against: sorting 10,000 numbers, the same on every machine. */
export function baselineMs(): number {
  const random = randomLcg(0.5)
  const numbers = Array.from({ length: 10_000 }, () => random())
  return timeOf(() => numbers.toSorted((a, b) => a - b))
}

/** A look with every finding made and ten years of pH behind it: the most a verdict can have to weigh. */
function fullLook(context: Context): DiagnosisInput {
  const random = randomLcg(0.25)
  const findings = Object.fromEntries(
    findingsAsked(context).map((name) => {
      const values = Object.keys(valuesOf(name))
      return [name, values[Math.floor(random() * values.length)]]
    }),
  ) as Findings
  const readings = Array.from({ length: 40 }, (_, index) => ({
    kind: 'pH' as const,
    value: 7 + random(),
    method: 'meter' as const,
    takenOn: `20${16 + Math.floor(index / 4)}-0${1 + (index % 4) * 2}-15`,
  }))
  return {
    context,
    plantId: plantsOf(context)[0]?.id ?? '',
    lookedOn: '2026-06-15',
    findings,
    pHHistory: { readings, corrections: [{ onDay: '2026-06-01', fromPH: 8, toPH: 7 }] },
    events: (['limed', 'fed', 'heavy-rain'] as const).map((kind) => ({
      kind,
      happenedOn: '2026-04-20',
    })),
  }
}

const slowest = (run: (look: DiagnosisInput) => unknown, often?: number): number =>
  Math.max(...contextNames.map(fullLook).map((look) => timeOf(() => run(look), often)))

/** Slowest context's time of a verdict with the reasons of the seven causes on view [ms]. */
export const verdictMs = (): number =>
  slowest((look) => {
    const verdict = diagnose(look)
    return verdict.ranked.slice(0, 7).map(({ id }) => reasonsFor(verdict, id))
  })

/** Slowest context's time to rank the next checks of a look just begun, the most that is open [ms]. */
export const nextChecksMs = (): number =>
  slowest((look) => nextChecks(diagnose({ ...look, findings: {}, events: [] })), 40)

/** Reading a laboratory file of 5,000 rows and ten results each, and the parser alone on it [ms]. */
export function laboratoryFileMs(): { readonly whole: number; readonly parserAlone: number } {
  const kinds = ['pH', 'Fe DTPA (ppm)', 'Mn DTPA (ppm)', 'Zn DTPA (ppm)', 'Cu DTPA (ppm)']
  const more = ['Olsen P', 'CaCO3 (%)', 'Soil NO3-N', 'OM (%)', 'Clay (%)']
  const rows = Array.from({ length: 5000 }, () => '2026-05-02,Lawn,7.1,4,5,1,1,20,2,9,3,20')
  const csv = `Date,Sample,${[...kinds, ...more].join(',')}\n${rows.join('\n')}\n`
  const whole = timeOf(() => {
    const file = readLaboratoryFile(csv)
    const map = { ...guessMap(file, 'Downs'), stands: { Lawn: 'a' } }
    return new RowReader(file, map, '2026-06-01').read(0, file.rows.length)
  }, 15)
  return { whole, parserAlone: timeOf(() => Papa.parse(csv), 15) }
}
