import { orderOfDay } from '@spudder/core/days/day'
import { contextNames, plantsOf, type Context } from '@spudder/core/stand/plant'
import {
  diagnose,
  nextChecks,
  reasonsFor,
  type DiagnosisInput,
} from '@spudder/core/verdict/diagnosis'
import { findingsAsked, valuesOf, type Findings } from '@spudder/core/seen/finding'
import { guessMap, readLaboratoryFile, RowReader } from '@spudder/core/seen/laboratory'
import { randomLcg } from 'd3-random'
import {
  competitors,
  dissolvedIron,
  soilCurves,
  soilSystem,
  type EquilibriumInput,
} from '@spudder/core/material/chemistry'
import { ligandIds } from '@spudder/core/material/source'
import newtonRaphson from 'newton-raphson-method'
import Papa from 'papaparse'

/** Middle of some times [ms]. */
export function median(times: readonly number[]): number {
  return times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN
}

/** Runs something often and gives the middle time of one run [ms], after some runs to warm up. */
function timeOf(run: () => unknown, often = 200): number {
  for (let i = 0; i < Math.min(20, often); i += 1) run()
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

/** pH 4 to 11 in steps of 0.05. */
const curvePHs = Array.from({ length: 141 }, (_, index) => 4 + index * 0.05)

/** ln of a ligand in all its forms over ln of its total, for a root finder that knows nothing of chemistry. */
function balanceOf({ components, species }: EquilibriumInput): (lnFree: number) => number {
  const fixed = new Map(
    components.flatMap((each) =>
      'logActivity' in each ? [[each.name, each.logActivity] as const] : [],
    ),
  )
  const total = components.reduce((sum, each) => sum + ('total' in each ? each.total : 0), 0)
  const terms = species.map(({ logK, of }) => {
    const known = Object.entries(of).filter(([name]) => name !== 'L')
    const log = known.reduce((sum, [name, count]) => sum + count * (fixed.get(name) ?? 0), logK)
    return { log, ligands: of['L'] ?? 0 }
  })
  return (lnFree) => {
    const held = terms.reduce(
      (sum, { log, ligands }) => sum + ligands * 10 ** (log + (ligands * lnFree) / Math.LN10),
      Math.exp(lnFree),
    )
    return Math.log(held / total)
  }
}

/** The whole curve set, eight sources by 141 pH by three cases, and the same by a root finder [ms]. */
export function curveSetMs(): { readonly curves: number; readonly rootFinder: number } {
  const curves = timeOf(() => {
    for (const competition of competitors) soilCurves({ pHs: curvePHs, competition })
    return curvePHs.map((pH) => dissolvedIron(pH))
  })
  // Laying the systems out is not the root finder's work, so it is done before.
  const balances = competitors.flatMap((competition) =>
    ligandIds.flatMap((ligandId) =>
      curvePHs.map((pH) => balanceOf(soilSystem(ligandId, { pH, competition }))),
    ),
  )
  const rootFinder = timeOf(() => {
    for (const balance of balances) {
      const root = newtonRaphson(balance, -40, { tolerance: 1e-9, maxIterations: 100 })
      if (root === false) throw new Error('the root finder found no root')
    }
  }, 5)
  return { curves, rootFinder }
}

/** The order of a day of as many jobs, drawn at random, with hours that are fit, ways and jobs that wait. */
export function dayOrderMs(jobs: number): number {
  const random = randomLcg(0.75)
  const tasks = Array.from({ length: jobs }, (_, index) => {
    const from = 6 + Math.floor(random() * 8)
    return {
      id: String(index),
      hours: 0.25 + random(),
      fitHours: index % 3 === 0 ? undefined : Array.from({ length: 5 }, (_each, hour) => from + hour), // prettier-ignore
      startsAtH: undefined,
      afterId: index % 4 === 3 ? String(index - 1) : undefined,
      at: [random() * 3000, random() * 3000] as const,
      tripKey: index % 2 === 0 ? 'spray' : 'walk',
    }
  })
  return timeOf(() => orderOfDay(tasks, 6), 10)
}
