import { putsOut } from '@spudder/core/days/plan'
import type { LaboratoryService } from '@spudder/contract/laboratory'
import type { WeatherService } from '@spudder/contract/weather'
import type { Act, EstateHistory, StandHistory } from '@spudder/sim/vennlow'
import { writeAdvice } from '../advice/advice.service.ts'
import { createAcidPlan } from '../acid-plan/acid-plan.service.ts'
import { closeCase } from '../case/case.service.ts'
import type { Database } from '../database/connect.ts'
import { recordEntry } from '../entry/entry.service.ts'
import { recorderAt, type Recorder } from '../recorder/recorder.ts'
import { orderTests } from '../laboratory/order.service.ts'
import { createLook } from '../look/look.service.ts'
import { recordJarTest } from '../jar-test/jar-test.service.ts'
import { changeSettings, createPlace } from '../place/place.service.ts'
import { createReading } from '../reading/reading.service.ts'
import { chooseRemedy } from '../remedy/remedy.service.ts'
import { createProduct } from '../shelf/product.service.ts'
import { changeSprayer, createSprayer } from '../sprayer/sprayer.service.ts'
import { readStory } from '../estate/estate.service.ts'
import { createStand } from '../stand/stand.service.ts'
import { createStoryEvent } from '../story/story.service.ts'
import { createZone } from '../zone/zone.service.ts'
import { playDrill } from './play-drill.ts'
import { playSitting } from './play-sitting.ts'
import { playPhoto, playTrial } from './play-watch.ts'

/** When the staff sit down to write: late afternoon of the day. */
const recorderOf = ({ on, by }: Act): Recorder => recorderAt(by, new Date(`${on}T16:30:00Z`))

/** Where the history is played. */
interface Stage {
  readonly db: Database
  readonly laboratory: LaboratoryService
  readonly weather: WeatherService
}

async function play(stage: Stage, standId: string, act: Act): Promise<void> {
  const { db, laboratory } = stage
  const recorder = recorderOf(act)
  const openCase = async () => {
    const { cases } = await readStory(db, standId)
    const open = cases.find(({ closedOn }) => closedOn === null)
    if (!open) throw new Error(`the history has no open case for its ${act.kind} on ${act.on}`)
    return open.id
  }
  switch (act.kind) {
    case 'reading':
      await createReading(db, recorder, standId, act.dto)
      return
    case 'event':
      await createStoryEvent(db, recorder, standId, act.dto)
      return
    case 'advice':
      await writeAdvice(db, recorder, standId, act.dto)
      return
    case 'look':
      await createLook(db, recorder, standId, act.dto)
      return
    case 'remedy':
      await chooseRemedy(stage, recorder, await openCase(), act.dto)
      return
    case 'acidPlan':
      await createAcidPlan(db, recorder, standId, act.dto)
      return
    case 'order':
      await orderTests(db, laboratory, recorder, { standId, dto: act.dto })
      return
    case 'photo':
      await playPhoto(db, recorder, standId, act)
      return
    case 'trial':
      await playTrial(db, recorder, standId, act)
      return
    case 'zone':
      await createZone(db, recorder, standId, act.dto)
      return
    case 'close':
      await closeCase(db, recorder, await openCase(), act.dto)
      return
    case 'entry': {
      const { jobs, remedies } = await readStory(db, standId)
      const job = jobs.find(({ kind, status }) => putsOut(kind) && status === 'planned')
      if (!job) throw new Error(`the history has nothing planned for its entry on ${act.on}`)
      const remedy = remedies.find(({ id }) => id === job.remedyId)
      const plannedKg = job.plannedKg ?? (remedy?.productKg ?? 0) * job.share
      await recordEntry(stage, recorder, job.id, {
        id: act.entryId,
        happenedOn: act.on,
        productKg: plannedKg * act.usedShare,
        waterL: (remedy?.carrierL ?? 0) * job.share * act.usedShare,
        note: act.note,
      })
    }
  }
}

async function loadStand(stage: Stage, placeId: string, history: StandHistory): Promise<void> {
  const [first] = history.acts
  const recorder = first ? recorderOf(first) : recorderAt('Marla Quist', new Date(0))
  const { id } = await createStand(stage.db, recorder, placeId, history.stand)
  for (const act of history.acts) await play(stage, id, act)
}

/**
 * Stores a made-up history through the same services that requests go through: all of it or nothing,
 * so that a start that is interrupted leaves no half estate behind.
 */
export function loadHistory(
  stage: Stage,
  { place, shelf, sprayers, jarTests, sittings, drills, settings, stands }: EstateHistory,
  at: Date,
): Promise<void> {
  return stage.db.transaction(async (transaction) => {
    // Transactions of the services become savepoints in this one; only the type differs.
    const whole = transaction as unknown as Database
    const head = recorderAt('Marla Quist', at)
    await createPlace(whole, head, place)
    await changeSettings(whole, head, place.id, settings)
    const keeper = recorderAt('Tobin Ashgrove', at)
    for (const dto of shelf) await createProduct(whole, keeper, place.id, dto)
    for (const { dto, calibration } of sprayers) {
      await createSprayer(whole, keeper, place.id, dto)
      if (calibration) await changeSprayer(whole, keeper, dto.id, { calibration })
    }
    for (const each of sittings) await playSitting(whole, place.id, each)
    for (const each of drills) await playDrill(whole, place.id, each)
    for (const dto of jarTests) await recordJarTest(whole, keeper, place.id, dto)
    for (const history of stands) await loadStand({ ...stage, db: whole }, place.id, history)
  })
}
