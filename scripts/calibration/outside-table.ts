import {
  offBy,
  outsideChecks,
  publications,
  type Publication,
} from '../../core/tests/outside/index.ts'

const number = (value: number): string =>
  value < 1e-3 ? value.toExponential(1) : String(Number(value.toPrecision(3)))

/** Figures of publications beside ours, as a page. */
export function outsideTable(): string {
  const rows = (Object.keys(publications) as Publication[]).map((id) => {
    const own = outsideChecks.filter(({ publication }) => publication === id)
    const met = own.filter(({ differs }) => differs === undefined)
    const middle = met.map(offBy).toSorted((a, b) => a - b)[Math.floor(met.length / 2)] ?? NaN
    return `| ${publications[id]} | ${own.length} | ${met.length} | × ${middle.toFixed(2)} |`
  })
  const differing = outsideChecks
    .filter(({ differs }) => differs !== undefined)
    .map(({ publication, what, printed, ours, differs }) => {
      const by = publications[publication].split(',')[0]
      return `| ${what} | ${by} | ${number(printed)} | ${number(ours())} | ${differs} |`
    })
  return `# Figures of publications beside ours

Written by \`npm run calibrate\`; tested in \`core/tests/outside\`. ${outsideChecks.length} figures of ${rows.length} publications that no number of the
model was fitted to. **All are recalled from memory, none was re-read**: they catch slips and figures that nobody else
would print, not an error that memory shares. "Half within" is how far off, more or less, the half of them is that comes
closest; where it says × 1.00 our table very likely descends from the same handbook, and the row shows only that
nothing slipped on the way. Lower ends of sufficiency may differ × 1.7 between handbooks that are both right; each check has its own bound.

| publication | figures | met | half within |
| --- | --- | --- | --- |
${rows.join('\n')}

## Where ours differs, and stays

| figure | by | printed | ours | why |
| --- | --- | --- | --- | --- |
${differing.join('\n')}
`
}
