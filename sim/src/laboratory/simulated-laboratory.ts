import type { LaboratoryService, SampleOrder } from '@spudder/contract/laboratory'
import { utcDay } from 'd3-time'
import { groundOf, type Ground } from '../ground/index.ts'
import { bellDrawFor, drawFor } from '../seeded/index.ts'

/** Heading and true value of one result, for a sick or healthy sample. */
interface Result {
  readonly heading: string
  readonly value: number
  /** Spread of the laboratory, as a share of the value. */
  readonly spread: number
  readonly digits: number
}

type Packet = SampleOrder['packets'][number]

const soil = (ground: Ground, isSick: boolean): Result[] => [
  { heading: 'pH', value: ground.pH - (isSick ? 0 : 0.4), spread: 0.01, digits: 1 },
  {
    heading: 'CaCO3 (%)',
    value: isSick ? ground.limePercent : ground.limePercent * 0.4,
    spread: 0.08,
    digits: 1,
  },
  {
    heading: 'Fe DTPA (ppm)',
    value: ground.ironMgPerKg * (isSick ? 1 : 1.5),
    spread: 0.08,
    digits: 1,
  },
  { heading: 'Mn DTPA (ppm)', value: ground.manganeseMgPerKg, spread: 0.08, digits: 1 },
  { heading: 'Zn DTPA (ppm)', value: ground.zincMgPerKg, spread: 0.08, digits: 2 },
  { heading: 'Cu DTPA (ppm)', value: ground.copperMgPerKg, spread: 0.08, digits: 2 },
  { heading: 'P Olsen (ppm)', value: ground.phosphorusMgPerKg, spread: 0.08, digits: 0 },
]

/** What a healthy leaf of most plants holds. */
const healthyLeaf = {
  N: 3,
  K: 2,
  Mg: 0.32,
  S: 0.26,
  Fe: 105,
  Mn: 62,
  Zn: 38,
  Cu: 9,
  B: 33,
} as const

function leaf({ sickShare }: Ground, isSick: boolean): Result[] {
  const units: Readonly<Record<string, string>> = { N: '%', K: '%', Mg: '%', S: '%' }
  return Object.entries(healthyLeaf).map(([nutrient, healthy]) => ({
    heading: `Leaf ${nutrient} (${units[nutrient] ?? 'ppm'})`,
    value: healthy * (isSick ? sickShare[nutrient as 'N'] : 1),
    spread: 0.05,
    digits: healthy > 10 ? 0 : 2,
  }))
}

const activeIron = ({ sickShare }: Ground, isSick: boolean): Result[] => [
  {
    heading: 'Active Fe (ppm)',
    value: 52 * (isSick ? sickShare.activeFe : 1),
    spread: 0.07,
    digits: 0,
  },
]

function water({ pH, alkalinityMgPerL, nitrateMgPerL }: Ground): Result[] {
  const hardness = alkalinityMgPerL * 1.25 + 30
  return [
    { heading: 'pH', value: Math.min(8.3, pH), spread: 0.01, digits: 1 },
    { heading: 'Alkalinity (mg/L CaCO3)', value: alkalinityMgPerL, spread: 0.04, digits: 0 },
    { heading: 'Total hardness (mg/L)', value: hardness, spread: 0.04, digits: 0 },
    { heading: 'Calcium (mg/L)', value: hardness * 0.32, spread: 0.04, digits: 0 },
    { heading: 'Magnesium (mg/L)', value: hardness * 0.05, spread: 0.04, digits: 1 },
    { heading: 'Nitrate (mg/L)', value: nitrateMgPerL, spread: 0.06, digits: 0 },
    { heading: 'EC (µS/cm)', value: 180 + hardness * 1.8, spread: 0.03, digits: 0 },
  ]
}

const packets: Readonly<Record<Packet, (ground: Ground, isSick: boolean) => Result[]>> = {
  soil,
  leaf,
  'active-iron': activeIron,
  water,
}

/** Days from the post to the answer. */
const leastDays = 5
const mostDays = 9

/** Stands in for a laboratory: takes an order, and after its days sends a CSV as laboratories do. */
export class SimulatedLaboratory implements LaboratoryService {
  readonly name = 'Downs laboratory (simulated)'

  readyOn({ id, orderedOn }: SampleOrder): string {
    const days = leastDays + Math.floor(drawFor(`laboratory:${id}`) * (mostDays - leastDays + 1))
    const back = utcDay.offset(new Date(`${orderedOn}T00:00:00Z`), days)
    return back.toISOString().slice(0, 10)
  }

  results(order: SampleOrder): string {
    const ground = groundOf(order.standId, order.standName)
    const samples = order.places.map((place) => {
      const results = order.packets.flatMap((packet) =>
        packets[packet](ground, place !== 'healthy'),
      )
      // Soil and water both carry a pH; a file names each column once.
      const once = results.filter(
        ({ heading }, index) => results.findIndex((each) => each.heading === heading) === index,
      )
      return { place, results: once }
    })
    const headings = samples[0]?.results.map(({ heading }) => heading) ?? []
    const lines = samples.map(({ place, results }) => {
      const values = results.map(({ heading, value, spread, digits }) => {
        const off = spread * bellDrawFor(`laboratory:${order.id}:${place}:${heading}`)
        return Math.max(0, value * (1 + off)).toFixed(digits)
      })
      return [order.orderedOn, quoted(order.standName), place, ...values].join(',')
    })
    return `${['Date sampled', 'Sample', 'Patch', ...headings].join(',')}\n${lines.join('\n')}\n`
  }
}

const quoted = (text: string): string =>
  /[",\n]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text
