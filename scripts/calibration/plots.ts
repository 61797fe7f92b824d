import type { OrderResult } from './check-order.ts'
import type { ReliabilityBin } from './reliability.ts'
import { policies, type SeasonComparison } from './season-plans.ts'

const ink = '#39424b'
const rust = '#a4512c'
const text = (x: number, y: number, words: string, anchor = 'middle') =>
  `<text x="${x}" y="${y}" text-anchor="${anchor}" font-size="12" fill="${ink}">${words}</text>`
const page = (width: number, height: number, parts: readonly string[]) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" font-family="Inter, sans-serif">
<rect width="${width}" height="${height}" fill="#faf8f4"/>
${parts.join('\n')}
</svg>
`

/** Stated probability against how often it came true; on the line is right. */
export function reliabilityPlot(bins: readonly ReliabilityBin[]): string {
  const [left, top, size] = [60, 20, 340]
  const x = (share: number) => left + share * size
  const y = (share: number) => top + (1 - share) * size
  const most = Math.max(...bins.map(({ count }) => count))
  const grid = [0, 0.2, 0.4, 0.6, 0.8, 1].flatMap((tick) => [
    `<path d="M${x(tick)},${y(0)}V${y(1)}M${x(0)},${y(tick)}H${x(1)}" stroke="#e3ded4"/>`,
    text(x(tick), y(0) + 18, `${tick * 100} %`),
    text(left - 8, y(tick) + 4, `${tick * 100} %`, 'end'),
  ])
  const points = bins.map(
    ({ stated, true: came, count }) =>
      `<circle cx="${x(stated).toFixed(1)}" cy="${y(came).toFixed(1)}" r="${(3 + 7 * (count / most) ** 0.25).toFixed(1)}" fill="${rust}" fill-opacity="0.75"/>` +
      text(x(stated) + 12, y(came) + 16, String(count), 'start'),
  )
  return page(440, 420, [
    ...grid,
    `<path d="M${x(0)},${y(0)}L${x(1)},${y(1)}" stroke="${ink}" stroke-dasharray="4 4"/>`,
    ...points,
    text(x(0.5), 410, 'probability stated'),
    text(x(0.02), y(0.95), 'came true; the number is how often it was stated', 'start'),
  ])
}

/** What it took to settle a case by each order of checks. */
export function checkOrderPlot(results: readonly OrderResult[]): string {
  const rows = [
    { words: 'checks', of: (each: OrderResult) => each.checks },
    { words: 'money and minutes', of: (each: OrderResult) => each.money },
    { words: 'days waited', of: (each: OrderResult) => each.days },
  ]
  const parts = rows.flatMap(({ words, of }, group) => {
    const most = Math.max(...results.map(of))
    const top = 26 + group * 112
    return [
      text(20, top, words, 'start'),
      ...results.flatMap((each, index) => {
        const y = top + 10 + index * 26
        const width = (of(each) / most) * 300
        return [
          `<rect x="90" y="${y}" width="${width.toFixed(1)}" height="18" fill="${index === 0 ? rust : '#9aa3ab'}"/>`,
          text(84, y + 13, each.order, 'end'),
          text(96 + width, y + 13, of(each).toFixed(1), 'start'),
        ]
      }),
    ]
  })
  return page(460, 350, parts)
}

/** Loss of each season by each way of planning, one row a way; a mark a season, the mean as a bar. */
export function seasonPlot(compared: readonly SeasonComparison[]): string {
  const most = Math.max(...compared.flatMap(({ came }) => policies.map((policy) => came[policy])))
  const x = (loss: number) => 120 + (loss / most) * 400
  const rows = (of: 'expected' | 'came', top: number, title: string) => [
    text(20, top, title, 'start'),
    ...policies.flatMap((policy, index) => {
      const y = top + 24 + index * 34
      const losses = compared.map((each) => each[of][policy])
      const mean = losses.reduce((sum, each) => sum + each, 0) / losses.length
      return [
        text(112, y + 5, policy, 'end'),
        `<rect x="120" y="${y - 9}" width="${(x(mean) - 120).toFixed(1)}" height="18" fill="${index === 0 ? rust : '#9aa3ab'}" fill-opacity="0.55"/>`,
        ...losses.map(
          (loss) =>
            `<circle cx="${x(loss).toFixed(1)}" cy="${y}" r="2" fill="${ink}" fill-opacity="0.5"/>`,
        ),
        text(x(mean) + 6, y + 5, mean.toFixed(0), 'start'),
      ]
    }),
  ]
  return page(560, 300, [
    ...rows('expected', 24, 'expected loss of a season, all climates; a dot is a season'),
    ...rows('came', 164, 'loss in the weather that came'),
  ])
}
