import { decideAtPlaces } from '@spudder/core/outcome/learnt/tests'

const percent = (share: number) => `${(100 * share).toFixed(0)} %`
const meanOf = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / values.length // prettier-ignore

/** What decisions cost that rest on what made-up places taught, beside the published and the truth. */
export function placeDecisions(count: number): string {
  const places = decideAtPlaces(count)
  const published = meanOf(places.map((each) => each.published))
  const row = (name: string, of: (place: (typeof places)[number]) => number) => {
    const own = meanOf(places.map(of))
    return `| ${name} | ${own.toFixed(3)} | ${percent(own / published - 1)} |`
  }
  const ratios = places.map((each) => each.learnt / each.published).toSorted((a, b) => a - b)
  const at = (share: number) => (ratios[Math.min(ratios.length - 1, Math.floor(share * ratios.length))] ?? NaN).toFixed(2) // prettier-ignore
  const share = (is: (ratio: number) => boolean) => percent(ratios.filter(is).length / ratios.length) // prettier-ignore
  const held = (['lasting', 'size', 'failing'] as const).map((figure) => {
    const own = places.flatMap((place) => place.held).filter((each) => each.figure === figure)
    return `| ${figure} | ${own.length} | ${percent(own.filter(({ holds }) => holds).length / own.length)} |`
  })
  return `# What deciding by one's own lessons is worth

Made by \`npm run calibrate\`: ${count} made-up places, each with a truth of its own drawn as the published ranges say (what
lies between places and stands, and from time to time; how often nothing comes). Each watched a cheap short spray and a dear
long drench for three seasons (six and three times), with doubtful looks and weather that walks. Then it chooses what to put
out and how often by what costs least (\`bestInterval\`), and 240 treatments in a row are played out, with the same luck for
each way of deciding. What is played is drawn from the truth of the place, and what decides knows
nothing of it; both take a recovery to have the same shape, and the spread of places to be the published one.

| decided by | cost a day [money] | beside the published |
| --- | ---: | ---: |
${row('what is published', (place) => place.published)}
${row('what the place taught', (place) => place.learnt)}
${row('the truth', (place) => place.known)}

Beside the published, the cost by what was taught is ${at(0.05)} (5 in 100), ${at(0.25)}, ${at(0.5)} (middle), ${at(0.75)}, ${at(0.95)} (95 in 100), and at worst ${at(1)}
times; it is lower in ${share((ratio) => ratio < 0.999)} of places, higher by more than a twentieth in ${share((ratio) => ratio > 1.05)}, by more than a tenth in ${share((ratio) => ratio > 1.1)}.

Intervals of nine in ten hold what is true of the place and its stand:

| figure | learnt | held |
| --- | ---: | ---: |
${held.join('\n')}
`
}
