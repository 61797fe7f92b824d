import { tickRoutes, type TickPart } from '@spudder/contract/tick'
import { fillPace } from '@spudder/core/days/sheet'
import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'

/** Others of the crew tick too: how often it is looked at anew while somebody looks [ms]. */
const againMs = 20_000

/**
 * What is ticked off on a sheet, on all devices of its job, and how its fills come on.
 * @param count fills of the whole job
 * @param begunAt when somebody said that they began; undefined where nobody did
 */
export function useSheetTicks(
  jobId: () => string,
  count: () => number,
  begunAt: () => Date | undefined,
) {
  const read = useRead(tickRoutes.all, () => ({ jobId: jobId() }))
  const send = useChange(tickRoutes.tick, { told: 'beside' })
  const visibility = useDocumentVisibility()
  useIntervalFn(() => {
    if (visibility.value === 'visible') void read.refresh(false)
  }, againMs)
  const ticked = computed(() => (read.data.value ?? []).filter(({ isTicked }) => isTicked))

  /** What was just pressed, by its line: painted at once, until it is kept. */
  const pressed = ref<Readonly<Record<string, boolean>>>({})
  async function press(part: TickPart, number: number, isTicked: boolean): Promise<void> {
    const line = `${part} ${number}`
    pressed.value = { ...pressed.value, [line]: isTicked }
    const dto = { part, number, isTicked, at: new Date().toISOString() }
    await send.send({ jobId: jobId(), dto })
    const { [line]: _kept, ...others } = pressed.value
    pressed.value = others
  }

  /** The numbers that are ticked of a part. */
  const numbersOf = (part: TickPart) =>
    computed(() => {
      const kept = ticked.value.filter((each) => each.part === part).map(({ number }) => number)
      const now = Object.entries(pressed.value).filter(([line]) => line.startsWith(`${part} `))
      const on = now.filter(([, isOn]) => isOn).map(([line]) => Number(line.slice(part.length)))
      const off = now.filter(([, isOn]) => !isOn).map(([line]) => Number(line.slice(part.length)))
      return [...new Set([...kept, ...on])].filter((number) => !off.includes(number))
    })
  const tickOf = (part: TickPart) => (number: number, isTicked: boolean) =>
    void press(part, number, isTicked)
  const doneFills = computed(() => ticked.value.filter(({ part }) => part === 'fill'))
  const pace = computed(() =>
    fillPace(
      count(),
      doneFills.value.map(({ number, at }) => ({ number, at: new Date(at) })),
      begunAt(),
    ),
  )
  /** The fill that was ticked off last, with who did. */
  const last = computed(() => doneFills.value.toSorted((one, other) => (one.at < other.at ? -1 : 1)).at(-1)) // prettier-ignore
  return {
    fills: numbersOf('fill'),
    steps: numbersOf('step'),
    tickFill: tickOf('fill'),
    tickStep: tickOf('step'),
    pace,
    last,
    problem: send.error,
  }
}
