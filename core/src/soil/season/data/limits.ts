import type { Context } from '../../../stand/plant/index.ts'
import type { Figure } from '../../../base/reference/index.ts'

/** Nutrients whose sum over a season is kept. */
export const seasonNutrients = ['Fe', 'N', 'S', 'Mn', 'Zn'] as const
export type SeasonNutrient = (typeof seasonNutrients)[number]

type Limits = Readonly<Partial<Record<SeasonNutrient, Figure>>>

const perHa = (value: number, source: string, mark: Figure['mark']): Figure => ({
  value,
  unit: 'kg/ha',
  source,
  mark,
})
const iron = perHa(
  25,
  'five leaf sprays at the highest rate of practice (5 lb/acre); more blackens turf and builds up',
  'J',
)
const manganese = perHa(19, 'one usual soil dressing (60 kg sulfate/ha); manganese builds up', 'J')
const zinc = perHa(14, 'one usual soil dressing (40 kg sulfate/ha); zinc builds up', 'J')
const onGrass = perHa(
  488,
  'at most 10 lb sulfur/1000 ft² a year on established turf (extension bulletins, from memory)',
  'M',
)

const turfNitrogen = (value: number, grass: string): Figure =>
  perHa(value, `${grass} kg nitrogen/ha a year (turf bulletins, from memory)`, 'M')

/** Turf whose nitrogen is another than that of most lawns, by plant. */
export const nitrogenOfTurf: Readonly<Partial<Record<string, Figure>>> = {
  'creeping-bentgrass': turfNitrogen(250, 'bent greens 150-250'),
  'browntop-bent': turfNitrogen(250, 'bent greens 150-250'),
  'annual-bluegrass': turfNitrogen(250, 'greens 150-250'),
  bermudagrass: turfNitrogen(300, 'warm sports turf to 300, greens of it 300-450'),
  'seashore-paspalum': turfNitrogen(300, 'warm sports turf to 300'),
  'tall-fescue': turfNitrogen(150, 'fescue 50-150'),
  'fine-fescue': turfNitrogen(150, 'fescue 50-150'),
  'fescue-zoysia': turfNitrogen(150, 'fescue and zoysia 50-150'),
  zoysiagrass: turfNitrogen(150, 'zoysia 50-150'),
  bahiagrass: turfNitrogen(150, 'bahia 50-150'),
  buffalograss: turfNitrogen(100, 'buffalograss 50-100'),
  centipedegrass: turfNitrogen(100, 'centipede 50-100'),
}

/** Most in a season that is put on ground of a kind; local rules and the label come first. */
export const seasonLimits: Readonly<Partial<Record<Context, Limits>>> = {
  turf: {
    Fe: iron,
    N: turfNitrogen(200, 'cool-season lawns 100-200'),
    S: onGrass,
    Mn: manganese,
    Zn: zinc,
  },
  shrub: {
    Fe: iron,
    N: perHa(100, 'about 2 lb nitrogen/1000 ft² a year (landscape bulletins, from memory)', 'M'),
    S: onGrass,
    Mn: manganese,
    Zn: zinc,
  },
  tree: {
    Fe: iron,
    N: perHa(100, 'about 2 lb nitrogen/1000 ft² a year (landscape bulletins, from memory)', 'M'),
    S: onGrass,
    Mn: manganese,
    Zn: zinc,
  },
  'row-crop': { Fe: iron, Mn: manganese, Zn: zinc },
}
