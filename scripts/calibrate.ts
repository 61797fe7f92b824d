import 'reflect-metadata'
import { checks } from '@spudder/core/verdict/diagnosis'
import { solverWith } from '@spudder/core/days/planner'
import loadHighs from 'highs'
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { format } from 'prettier'
import { acidTables } from './calibration/acid-tables.ts'
import { caseTable } from './calibration/case-table.ts'
import { compareOrders } from './calibration/check-order.ts'
import { countMarks, marksLine } from './calibration/count-marks.ts'
import { outsideTable } from './calibration/outside-table.ts'
import { checkOrderPlot, reliabilityPlot, seasonPlot } from './calibration/plots.ts'
import { placeDecisions } from './calibration/place-decisions.ts'
import { calibrationError, measureReliability } from './calibration/reliability.ts'
import { compareSeasons, seasonPage } from './calibration/season-plans.ts'
import { root } from './processes.ts'

/** Tables wrong by half as much again, and by more than double. */
const offs = [0.5, 0.8] as const
const cases = 10_000
const orderCases = 140
/** Seasons planned in each climate. */
const seasonSeeds = 12
/** Places that learn and decide. */
const places = 500

const figures = join(root, 'docs', 'figures')
mkdirSync(figures, { recursive: true })
const writeDoc = async (name: string, text: string) =>
  writeFileSync(
    join(root, 'docs', name),
    await format(text, { parser: 'markdown', printWidth: 100 }),
  )

await writeDoc('diagnosis-cases.md', caseTable())
await writeDoc('acid-tables.md', acidTables())
await writeDoc('outside-checks.md', outsideTable())
const sources = join(root, 'docs', 'sources.md')
const { counts } = await countMarks()
writeFileSync(
  sources,
  readFileSync(sources, 'utf8').replace(/P \d+, C \d+, D \d+, M \d+, J \d+/, marksLine(counts)),
)
// The tables alone take seconds, the drawn cases and seasons minutes.
if (process.argv.includes('--tables')) process.exit(0)

await writeDoc('place-decisions.md', placeDecisions(places))

const seasons = await compareSeasons(solverWith(await loadHighs()), seasonSeeds)
await writeDoc('season-plans.md', seasonPage(seasons, seasonSeeds))
writeFileSync(join(figures, 'season-plans.svg'), seasonPlot(seasons))

const measured = offs.map((offBy) => ({ offBy, bins: measureReliability(cases, offBy) }))
const [first] = measured
if (first) writeFileSync(join(figures, 'reliability.svg'), reliabilityPlot(first.bins))
const orders = compareOrders(
  orderCases,
  offs[0],
  checks.map(({ id }) => id),
)
writeFileSync(join(figures, 'check-order.svg'), checkOrderPlot(orders))

await writeDoc(
  'calibration.md',
  `# How far a verdict can be believed

Written by \`npm run calibrate\`. Cases are drawn from worlds that are like our tables but in which every number
is off by a factor of its own, so this tries the verdict where its tables are wrong. It says nothing of whether
real plants are like our tables at all: that is what the [written cases](diagnosis-cases.md) and practice are for.

## Stated and come true

${cases.toLocaleString('en')} cases each. Mean distance between stated and come true, over every cause and pair given 2 % or more:
${measured.map(({ offBy, bins }) => `${(calibrationError(bins) * 100).toFixed(1)} points with tables off by a factor of about ${Math.exp(offBy).toFixed(1)}`).join('; ')}.

![Reliability](figures/reliability.svg)

| stated | came true | how often |
| --- | --- | --- |
${(first?.bins ?? []).map((bin) => `| ${(bin.stated * 100).toFixed(0)} % | ${(bin.true * 100).toFixed(0)} % | ${bin.count} |`).join('\n')}

## The order of checks

From a leaf pattern alone, check after check until one may act; ${orderCases} drawn cases that can be settled
at all, every order with the same answers, tables off by a factor of about ${Math.exp(offs[0]).toFixed(1)}. "Fixed" is the list as it stands: looks first, then
kits, then the laboratory.

![Order of checks](figures/check-order.svg)

| order | checks | money and minutes | days waited | remedy right at the end |
| --- | --- | --- | --- | --- |
${orders.map((each) => `| ${each.order} | ${each.checks.toFixed(1)} | ${each.money.toFixed(0)} | ${each.days.toFixed(0)} | ${(each.right * 100).toFixed(0)} % |`).join('\n')}
`,
)
