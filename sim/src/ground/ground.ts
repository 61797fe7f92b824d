import { drawFor } from '../seeded/index.ts'

/** What is really so at a stand of the stand-in world; devices and laboratories see it with their errors. */
export interface Ground {
  readonly pH: number
  readonly limePercent: number
  readonly clayPercent: number
  /** Share of what a healthy leaf would hold, by nutrient, in sick leaves [1]. */
  readonly sickShare: Readonly<
    Record<'N' | 'K' | 'Mg' | 'S' | 'Fe' | 'activeFe' | 'Mn' | 'Zn' | 'Cu' | 'B', number>
  >
  readonly ironMgPerKg: number
  readonly manganeseMgPerKg: number
  readonly zincMgPerKg: number
  readonly copperMgPerKg: number
  readonly phosphorusMgPerKg: number
  readonly alkalinityMgPerL: number
  readonly nitrateMgPerL: number
}

/** Stands whose truth is part of the demo estate's story, by name. */
const told: Readonly<Record<string, Partial<Ground>>> = {
  'Bowling green': {
    pH: 7.8,
    limePercent: 1.6,
    ironMgPerKg: 3.6,
    manganeseMgPerKg: 6,
    alkalinityMgPerL: 285,
  },
  'South vineyard block': { pH: 7.9, limePercent: 24, ironMgPerKg: 5.2, alkalinityMgPerL: 290 },
  'Gardenia house': { pH: 6.8, limePercent: 0, alkalinityMgPerL: 270 },
  'Lettuce raft loop': { pH: 6.8, nitrateMgPerL: 42, alkalinityMgPerL: 90 },
  'Long Down sorghum': { pH: 8.1, limePercent: 9, ironMgPerKg: 2.1, zincMgPerKg: 0.7 },
}

/** The truth of a stand: told for the demo estate, drawn for any other, the same each time. */
export function groundOf(standId: string, standName: string): Ground {
  const draw = (what: string, low: number, high: number) =>
    low + (high - low) * drawFor(`ground:${what}:${standId}`)
  const pH = told[standName]?.pH ?? draw('pH', 5.4, 8.2)
  const isLimy = pH > 7.4
  return {
    pH,
    limePercent: isLimy ? draw('lime', 0.4, 18) : 0,
    clayPercent: draw('clay', 6, 38),
    ironMgPerKg: isLimy ? draw('iron', 1.8, 6) : draw('iron', 12, 70),
    manganeseMgPerKg: isLimy ? draw('manganese', 1.5, 9) : draw('manganese', 6, 40),
    zincMgPerKg: draw('zinc', 0.4, 6),
    copperMgPerKg: draw('copper', 0.3, 3),
    phosphorusMgPerKg: draw('phosphorus', 8, 60),
    alkalinityMgPerL: draw('alkalinity', 40, 300),
    nitrateMgPerL: draw('nitrate', 4, 80),
    sickShare: {
      N: 0.93,
      K: 1,
      Mg: 0.98,
      S: 0.97,
      // Total iron hardly differs between a sick and a healthy leaf: much of it is idle.
      Fe: draw('total iron', 0.85, 1.25),
      activeFe: isLimy ? draw('active iron', 0.35, 0.6) : draw('active iron', 0.8, 1),
      Mn: isLimy ? draw('leaf manganese', 0.6, 0.95) : 0.97,
      Zn: isLimy ? draw('leaf zinc', 0.7, 1) : 0.98,
      Cu: 1,
      B: 1,
    },
    ...told[standName],
  }
}
