import { randomUUID } from 'node:crypto'
import { readIntake, readIntakeTable } from '@spudder/core/outcome/intake'

/** How a spreadsheet of past treatments was taken in. */
export interface IntakePace {
  readonly rows: number
  readonly seconds: number
  /** To read the same text, without storing what it says [s]. */
  readonly readSeconds: number
  /** How often it was said how far it is. */
  readonly told: number
}

const map = { stand: 'Stand', day: 'Date', product: 'Product', amount: 'Amount' } as const

async function post<Answer>(url: string, path: string, body: object): Promise<Answer> {
  const response = await fetch(`${url}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`)
  return response.json() as Promise<Answer>
}

/** Takes in past treatments of one stand, and asks meanwhile how far it is, as the page does. */
export async function intakePace(url: string, rows: number): Promise<IntakePace> {
  const place = { id: randomUUID(), name: 'Old book', unitSystem: 'us', climate: 'temperate' }
  await post(url, '/places', place)
  const size = { kind: 'area', areaM2: 900 }
  const stand = { id: randomUUID(), name: 'Lawn', context: 'turf', plantId: 'bermudagrass', size } // prettier-ignore
  await post(url, `/places/${place.id}/stands`, stand)
  const lines = Array.from({ length: rows }, (_, row) => {
    const day = new Date(Date.UTC(2012, 0, 1 + (row % 4000))).toISOString().slice(0, 10)
    return `Lawn,${day},Ferrous sulfate,${1 + (row % 7)} kg`
  })
  const csv = `Stand,Date,Product,Amount\n${lines.join('\n')}\n`

  const known = { stands: [stand], products: [], latest: '2026-01-01', dayOrder: 'ymd' } as never
  const readAt = performance.now()
  const read = readIntake('treatments', readIntakeTable('treatments', csv), { map, known })
  const readSeconds = (performance.now() - readAt) / 1000
  if (read.errors.length > 0) throw new Error(read.errors[0]?.message)

  const id = randomUUID()
  let isStored = false
  let told = 0
  const body = { id, kind: 'treatments', fileName: 'old-book.csv', csv, map, dayOrder: 'ymd' }
  const storeAt = performance.now()
  const storing = post(url, `/places/${place.id}/intakes`, body).finally(() => (isStored = true))
  while (!isStored) {
    const asked = await fetch(`${url}/api/places/${place.id}/intakes/${id}`)
    const { of } = (await asked.json()) as { of: number }
    told += Number(of === rows)
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  await storing
  return { rows, seconds: (performance.now() - storeAt) / 1000, readSeconds, told }
}
