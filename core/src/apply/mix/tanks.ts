/** What a fertiliser for stock tanks brings that can fall out with something else. */
export type StockIon = 'calcium' | 'sulfate' | 'phosphate' | 'chelate' | 'acid'

/** A fertiliser of a two-tank feed. */
export interface StockMaterial {
  readonly id: string
  readonly name: string
  readonly ions: readonly StockIon[]
}

/** Usual fertilisers of a two-tank feed, by what falls out. */
export const stockMaterials: readonly StockMaterial[] = [
  { id: 'calcium-nitrate', name: 'calcium nitrate', ions: ['calcium'] },
  { id: 'iron-chelate', name: 'iron chelate', ions: ['chelate'] },
  { id: 'iron-sulfate', name: 'iron sulfate', ions: ['sulfate'] },
  { id: 'potassium-nitrate', name: 'potassium nitrate', ions: [] },
  { id: 'magnesium-sulfate', name: 'magnesium sulfate', ions: ['sulfate'] },
  { id: 'potassium-sulfate', name: 'potassium sulfate', ions: ['sulfate'] },
  { id: 'monopotassium-phosphate', name: 'monopotassium phosphate', ions: ['phosphate'] },
  { id: 'monoammonium-phosphate', name: 'monoammonium phosphate', ions: ['phosphate'] },
  { id: 'trace-sulfates', name: 'manganese, zinc and copper sulfate', ions: ['sulfate'] },
  { id: 'nitric-acid', name: 'nitric acid', ions: ['acid'] },
  { id: 'phosphoric-acid', name: 'phosphoric acid', ions: ['phosphate', 'acid'] },
]

/** Pairs that do not stand each other at stock strength, and what becomes of them. */
const clashes: readonly (readonly [StockIon, StockIon, string])[] = [
  ['calcium', 'sulfate', 'gypsum falls out'],
  ['calcium', 'phosphate', 'calcium phosphate falls out'],
  ['chelate', 'phosphate', 'iron phosphate falls out in time'],
  ['chelate', 'acid', 'a strong acid takes the chelate off the iron'],
]

const has = (materials: readonly StockMaterial[], ion: StockIon) =>
  materials.filter(({ ions }) => ions.includes(ion))

/** What in one tank falls out with what. */
export function clashesIn(tank: readonly StockMaterial[]): readonly string[] {
  return clashes.flatMap(([one, other, what]) => {
    const [first] = has(tank, one)
    const [second] = has(tank, other)
    return first && second ? [`${first.name} with ${second.name}: ${what}`] : []
  })
}

/** Which fertiliser goes into which tank. */
export interface TankPlan {
  readonly a: readonly StockMaterial[]
  readonly b: readonly StockMaterial[]
  /** What still clashes: it wants a third tank, or another fertiliser. */
  readonly clashes: readonly string[]
}

/**
 * Shares fertilisers over two stock tanks: calcium and iron chelate in A, sulfate, phosphate and acid
 * in B, the rest in A.
 * @source common practice: the two-tank rule
 */
export function planTanks(materials: readonly StockMaterial[]): TankPlan {
  const toB = ({ ions }: StockMaterial) =>
    ions.some((ion) => ion === 'sulfate' || ion === 'phosphate' || ion === 'acid')
  const b = materials.filter(toB)
  const a = materials.filter((material) => !toB(material))
  return { a, b, clashes: [...clashesIn(a), ...clashesIn(b)] }
}
