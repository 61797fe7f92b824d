import { leavesOf, paintFigure, type Shape } from '@spudder/core/seen/painter'
import { contextNames, contexts, plantsOf, type Plant } from '@spudder/core/stand/plant'

const drawn = (shape: Shape): string =>
  shape.kind === 'fill'
    ? `<path d="${shape.d}" fill="${shape.colour}" opacity="${shape.opacity ?? 1}"/>`
    : `<path d="${shape.d}" fill="none" stroke="${shape.colour}" stroke-width="${shape.width ?? 1}" stroke-linecap="round" stroke-linejoin="round" opacity="${shape.opacity ?? 1}"/>`

/** A plant short of iron: its youngest third painted. */
function plantDrawing(context: keyof typeof contexts, plant: Plant): string {
  const kind = contexts[context].figure
  const pattern = plant.leafForm === 'blade' ? 'stripes' : 'fine-green-veins'
  const young = leavesOf(kind).filter(({ age }) => age < 1 / 3)
  const paint = Object.fromEntries(young.map(({ id }) => [id, { severity: 3, pattern }] as const))
  const { top, width, height, ground, roots, stem, leaves } = paintFigure({
    kind,
    leafForm: plant.leafForm,
    paint,
    roots: 'white',
  })
  const shapes = [...ground, ...roots, ...stem, ...leaves.flatMap((leaf) => leaf.shapes)]
  return `<figure><svg viewBox="0 ${top} ${width} ${height - top}">${shapes.map(drawn).join('')}</svg><figcaption>${contexts[context].label}: ${plant.name.toLowerCase()}</figcaption></figure>`
}

/** One page with the drawn plant of every kind of stand, and a needle and a frond beside them. */
export function drawnPlants(): string {
  const all = contextNames.flatMap((context) => {
    const [first] = plantsOf(context)
    return first ? [plantDrawing(context, first)] : []
  })
  const pine = plantsOf('tree').find(({ leafForm }) => leafForm === 'needle')
  const more = pine ? [plantDrawing('tree', pine)] : []
  return `<body style="margin:14px;background:#f6f3ec;display:grid;grid-template-columns:repeat(4,1fr);gap:14px;font:14px sans-serif;color:#232c33"><style>figure{margin:0;display:grid;align-content:end}svg{width:100%;max-height:300px}figcaption{text-align:center;padding-top:6px}</style>${[...all, ...more].join('')}</body>`
}
