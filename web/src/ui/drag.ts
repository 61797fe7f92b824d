import { drag, type D3DragEvent, type DraggedElementBaseType } from 'd3-drag'
import { select } from 'd3-selection'
import type { ObjectDirective } from 'vue'

/** A place in the coordinates of the drawing: px, or units of its viewBox. */
export interface DragPoint {
  readonly x: number
  readonly y: number
}

type Dragged = DraggedElementBaseType
/** Elements whose coordinates can be asked for. */
type Within = HTMLElement | SVGSVGElement | SVGGElement

/** What is done while something is dragged by mouse, pen or thumb. */
export interface Drag {
  /** In whose coordinates; those of the dragged element itself if nothing is said. */
  within?: (dragged: Element) => Element | null | undefined
  /** Where the dragged thing stands, so that it keeps its distance to the pointer. */
  at?: (pressed: Event) => DragPoint | undefined
  /** False where a thumb scrolls instead; its taps come as clicks of a mouse. */
  isByThumb?: boolean
  start?: (point: DragPoint, pressed: Event) => void
  move: (point: DragPoint, moved: Event) => void
  end?: () => void
}

const drags = new WeakMap<Element, Drag>()
function dragOf(element: Element): Drag {
  const own = drags.get(element)
  if (!own) throw new Error('an element is dragged that has no v-drag')
  return own
}
const isWithin = (element: unknown): element is Within =>
  element instanceof HTMLElement ||
  element instanceof SVGSVGElement ||
  element instanceof SVGGElement

type Told = D3DragEvent<Dragged, unknown, DragPoint> & { sourceEvent: Event }

const behaviour = drag<Dragged, unknown>()
  .container(function () {
    const { within } = dragOf(this)
    const element = within ? within(this) : this
    if (!isWithin(element)) throw new Error('a drag needs a drawing to be measured in')
    return element
  })
  .subject(function ({ x, y, sourceEvent }: Told) {
    return dragOf(this).at?.(sourceEvent) ?? { x, y }
  })
  .touchable(function () {
    return dragOf(this).isByThumb ?? true
  })
  .on('start', function ({ x, y, sourceEvent }: Told) {
    dragOf(this).start?.({ x, y }, sourceEvent)
  })
  .on('drag', function ({ x, y, sourceEvent }: Told) {
    dragOf(this).move({ x, y }, sourceEvent)
  })
  .on('end', function () {
    dragOf(this).end?.()
  })

/** `v-drag="{ move }"`: makes an element draggable. Keys and a typed way stand beside it always. */
export const vDrag: ObjectDirective<Dragged, Drag> = {
  mounted(element, { value }) {
    drags.set(element, value)
    select(element).call(behaviour)
  },
  updated(element, { value }) {
    drags.set(element, value)
  },
}
