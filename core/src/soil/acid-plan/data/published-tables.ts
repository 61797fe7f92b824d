import type { Sourced } from '../../../base/reference/index.ts'
import type { TableColumn } from '../../soil/index.ts'

/** A published table: sulfur for ground of plough depth, from a pH to one and the same. */
export interface SulfurTable extends Sourced {
  readonly id: 'vegetables' | 'berries'
  readonly name: string
  readonly toPH: number
  /** Rows from low to high pH [lb/acre]. */
  readonly fromPHs: readonly number[]
  readonly columns: Readonly<Partial<Record<TableColumn, readonly number[]>>>
}

/** Whether the buffering was fitted by a row of a table, from 0 [1]; the others were held out to try it. */
export const isFittedRow = (index: number): boolean => index % 2 === 0

export const sulfurTables: readonly SulfurTable[] = [
  {
    id: 'vegetables',
    name: 'vegetable growers’ handbook',
    toPH: 6.5,
    fromPHs: [7, 7.5, 8, 8.5],
    columns: {
      sand: [100, 500, 1200, 2000],
      loam: [150, 800, 1500, 2500],
      clay: [300, 1000, 2000, 3000],
    },
    source:
      'Knott’s Handbook for Vegetable Growers, carbonate-free soil, plough depth, from memory',
    mark: 'M',
  },
  {
    id: 'berries',
    name: 'berry guides',
    toPH: 4.5,
    fromPHs: [5, 5.5, 6, 6.5, 7, 7.5],
    columns: {
      sand: [175, 350, 530, 660, 840, 1000],
      loam: [530, 1050, 1540, 2020, 2550, 3020],
    },
    source:
      'highbush production guides of northern US extension services, plough depth, from memory',
    mark: 'M',
  },
]
