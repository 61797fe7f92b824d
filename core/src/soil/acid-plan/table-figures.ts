import { formatNumber } from '../../base/writing/index.ts'
import { quantityOf, valueIn } from '../../base/quantity/index.ts'
import { bufferCapacity, textures, type TableColumn } from '../soil/index.ts'
import type { AcidGround } from './acid-ground.ts'
import { sulfurTables, type SulfurTable } from './data/published-tables.ts'

/** What a column of a published table says for a way. */
export interface TableFigure {
  readonly table: SulfurTable
  readonly column: TableColumn
  /** Sulfur [kg/m²]. */
  readonly sulfurKgPerM2: number
}

/** The depth that the tables are made for: 6 2/3 in [m]. */
const tableDepthM = valueIn(quantityOf(20 / 3, 'in'), 'm')
const kgPerM2PerPoundAcre = valueIn(quantityOf(1, 'lb/acre'), 'kg/m2')

/** Sulfur from a pH down to the end of a table [lb/acre]; undefined outside its rows. */
function poundsFrom(
  { toPH, fromPHs }: SulfurTable,
  column: readonly number[],
  pH: number,
): number | undefined {
  const pHs = [toPH, ...fromPHs]
  const pounds = [0, ...column]
  const right = pHs.findIndex((each) => each >= pH)
  if (right === -1 || pH < toPH) return undefined
  const [x1, y1] = [pHs[right] ?? 0, pounds[right] ?? 0]
  if (right === 0) return y1
  const [x0, y0] = [pHs[right - 1] ?? 0, pounds[right - 1] ?? 0]
  return y0 + ((y1 - y0) * (pH - x0)) / (x1 - x0)
}

/**
 * What the published tables say for a way down: read between rows on a line, the rest of the way
 * left off by difference, scaled by depth, as practice does.
 * @param fromPH, and `targetPH` below it [pH]
 * @param depthM that the sulfur is worked into [m]
 * @returns one figure for each column that holds both ends
 */
export function tableFigures(
  fromPH: number,
  targetPH: number,
  depthM: number,
): readonly TableFigure[] {
  return sulfurTables.flatMap((table) =>
    (Object.entries(table.columns) as [TableColumn, readonly number[]][]).flatMap(
      ([column, pounds]) => {
        const from = poundsFrom(table, pounds, fromPH)
        const to = poundsFrom(table, pounds, targetPH)
        if (from === undefined || to === undefined || from <= to) return []
        const sulfurKgPerM2 = (from - to) * kgPerM2PerPoundAcre * (depthM / tableDepthM)
        return [{ table, column, sulfurKgPerM2 }]
      },
    ),
  )
}

/**
 * Why tables and the model part for a ground.
 * @source the common figure and that of a light sandy loam are practice, docs/acid-tables.md
 */
export function whyTablesDiffer({ texture, buffer }: AcidGround): string {
  const loam = formatNumber(bufferCapacity({ texture: 'loam' }).mmolPerKg, 2)
  const own = formatNumber(buffer.mmolPerKg, 2)
  return [
    'Tables know three textures and contradict each other.',
    `A loam holds about ${loam} mmol acid a kilogram and pH; yours, ${textures[texture].label.toLowerCase()}, about ${own}.`,
    'The common figure of 6.5 to 6.8 lb/100 ft² for 7.3 to 4.5 reads the loam column; a light sandy loam with 10 to 12 % clay wants 4.2 to 5.3 lb/100 ft² (common practice).',
  ].join(' ')
}
