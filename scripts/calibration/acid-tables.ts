import { isFittedRow, sulfurTables } from '@spudder/core/soil/acid-plan'
import { molPerKgSulfur } from '@spudder/core/material/source'
import { quantityOf, valueIn } from '@spudder/core/base/quantity'
import { acidBetween, bufferCapacity, bufferFigures, slopesOf } from '@spudder/core/soil/soil'

/** An acre of plough depth weighs 2,000,000 lb. */
const ploughKgPerM2 = valueIn(quantityOf(2e6, 'lb/acre'), 'kg/m2')

interface Compared {
  readonly table: string
  readonly column: string
  readonly fromPH: number
  readonly toPH: number
  readonly printed: number
  readonly model: number
  readonly isFitted: boolean
}

/** How far off, at worst and as a rule. */
function offBy(rows: readonly Compared[]) {
  const ratios = rows.map(({ model, printed }) => model / printed)
  const squares = ratios.reduce((sum, ratio) => sum + Math.log(ratio) ** 2, 0)
  return {
    worst: Math.max(...ratios.map((ratio) => Math.max(ratio, 1 / ratio))).toFixed(2),
    rms: Math.exp(Math.sqrt(squares / ratios.length)).toFixed(2),
  }
}

/** Every entry of the published tables with what the model says for it [lb/acre]. */
function compared(): readonly Compared[] {
  return sulfurTables.flatMap(({ name, toPH, fromPHs, columns }) =>
    Object.entries(columns).flatMap(([column, pounds]) => {
      const { mmolPerKg } = bufferCapacity({ texture: column as 'loam' })
      return fromPHs.map((fromPH, index): Compared => {
        const mmol = acidBetween(slopesOf(mmolPerKg), fromPH, toPH)
        const kgPerM2 = (mmol * ploughKgPerM2) / 1000 / molPerKgSulfur
        const model = valueIn(quantityOf(kgPerM2, 'kg/m2'), 'lb/acre')
        const printed = pounds[index] ?? NaN
        return { table: name, column, fromPH, toPH, printed, model, isFitted: isFittedRow(index) }
      })
    }),
  )
}

/** The sulfur tables beside the model, as a page. */
export function acidTables(): string {
  const rows = compared()
  const fitted = offBy(rows.filter(({ isFitted }) => isFitted))
  const heldOut = offBy(rows.filter(({ isFitted }) => !isFitted))
  const figure = (start: string) =>
    bufferFigures.find(([name]) => name.startsWith(start))?.[1].value ?? NaN
  const lines = rows.map(
    ({ table, column, fromPH, toPH, printed, model, isFitted }) =>
      `| ${table} | ${column} | ${fromPH} to ${toPH} | ${printed} | ${model.toFixed(0)} | ${model > printed ? '+' : ''}${((model / printed - 1) * 100).toFixed(0)} % | ${isFitted ? 'fitted' : 'held out'} |`,
  )
  return `# Published sulfur tables beside the model

Written by \`npm run calibrate\`; the same entries are checked in \`core/src/soil/acid-plan/acid-plan.reference.test.ts\`.
Sulfur in lb/acre for ground without lime, plough depth (2,000,000 lb of soil an acre).

The tables contradict each other: for a loam from pH 7 to 6.5 the one says 150 lb/acre, the other by difference
530. No model meets both. Ours has five numbers: acid for one pH by clay (${figure('clay')} mmol/kg a percent) and organic
matter (${figure('organic')} a percent) below pH 6.5, ${figure('from pH 6.5')} of that from 6.5 to 7, ${figure('from pH 7')} more from 7 to 7.5, ${figure('above')} more above.
They were fitted to every other row of the tables (least squares of the logarithm). On those 12 entries the model is off by
× ${fitted.rms} as a rule and × ${fitted.worst} at worst; on the 12 that were held out by × ${heldOut.rms} as a rule and × ${heldOut.worst} at worst.
What a screen shows is a range for that reason: from texture alone × or ÷ 1.7 around the middle hold 8 soils of 10.

A regression on Queensland soils (Aitken, Moody and McKinley 1990, from memory), which knows nothing of these tables, and a
table of another extension service are checked beside it in \`core/tests/outside\`.

| table | column | pH | printed | model | difference | row |
| --- | --- | --- | --- | --- | --- | --- |
${lines.join('\n')}

## Why people's figures for 7.3 to 4.5 differ

On 7 in, the common way reads the loam column and comes to 6.5 lb/100 ft² at plough depth, 6.8 at 7 in. A light
sandy loam of 10 to 12 % clay and 1.5 to 2 % organic matter holds less, and comes to 4.2 to 5.3. Our range for
"sandy loam" holds both, because the word alone does not say which of them it is; organic matter measured narrows
it, a titration most.
`
}
