import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { startAppServer } from './app-server.ts'
import {
  baselineMs,
  curveSetMs,
  dayOrderMs,
  laboratoryFileMs,
  nextChecksMs,
  verdictMs,
} from './bench-core.ts'
import { dragMs, drawEstate, firstLoadKb, openBrowser, strokeMs } from './bench-drawing.ts'
import { fillRecords, planDemoMs, searchMs, seasonPace } from './bench-dates.ts'
import { intakePace } from './bench-intake.ts'
import { overviewMs } from './bench-overview.ts'
import { fillPlaces, queryMs } from './bench-estate.ts'
import { layoutShift, loadingMs, openRemedy } from './bench-loading.ts'
import { paceAsked, paceOf } from './bench-pace.ts'
import { pathMs, pathOnPageMs } from './bench-path.ts'
import { photoSpeed } from './bench-photo.ts'
import { learningMs } from './bench-learning.ts'
import { buildWeb } from './build-web.ts'
import { stationPace } from './bench-station.ts'
import { outdoorTaps } from './bench-taps.ts'
import { startMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
import { root } from './processes.ts'

const sizes = [6, 200, 2000] as const
const recordSizes = [1000, 10_000, 100_000] as const
const say = (text: string) => process.stdout.write(`${text}\n`)
const figure = (value: number) => value.toFixed(value < 10 ? 2 : 0)

await buildWeb()
const baseline = baselineMs()
say(`baseline: sorting 10,000 numbers takes ${figure(baseline)} ms; every × below is against it`)
const verdict = verdictMs()
say(
  `verdict with reasons, slowest context: ${figure(verdict)} ms, ${figure(verdict / baseline)} × (aim: under one frame, 16 ms)`,
)

const ranking = nextChecksMs()
say(
  `next checks of a look just begun, slowest context: ${figure(ranking)} ms, ${figure(ranking / baseline)} × (aim: 50 ms; done in a worker)`,
)
const { whole, parserAlone } = laboratoryFileMs()
say(
  `laboratory file of 5,000 rows with ten results each: ${figure(whole)} ms, ${figure(whole / parserAlone)} × the CSV parser alone`,
)
const set = curveSetMs()
say(
  `curves of eight sources, 141 pH, three cases of zinc and copper: ${figure(set.curves)} ms, ${figure(set.rootFinder / set.curves)} × faster than a general root finder on the same systems, ${figure(set.rootFinder)} ms (aims: 10 ms, 20 ×)`,
)

for (const jobs of [8, 24, 200]) {
  const order = dayOrderMs(jobs)
  say(
    `the order of a day of ${jobs} jobs: ${figure(order)} ms, ${figure(order / baseline)} × (aim: 50 ms for 24)`,
  )
}

const course = pathMs()
say(
  `a thousand draws, three years day by day: ${figure(course.path)} ms, ${figure(course.path / course.bare)} × a bare typed-array loop of the same arithmetic, ${figure(course.bare)} ms (aims: 1 s, 2 ×)`,
)

const learning = learningMs(50, 5)
say(
  `what ${learning.treatments} treatments taught, and leaves without them, 50 stands in five years: ${figure(learning.learnMs)} ms, ${figure(learning.learnMs / learning.judgeMs)} × judging each of them once (aims: 5 s, 2 ×; done in a worker)`,
)

for (const stands of [3, 29]) {
  const { jobs, firstMs, firstOver, nearMs, bound } = await seasonPace(stands)
  say(
    `a season of ${jobs} jobs: a first plan after ${figure(firstMs)} ms, ${figure(firstOver)} × the best known; within 3 % of it after ${figure(nearMs)} ms (aims: 2 s for 42 jobs, 8 s for 400); no plan is under ${figure(bound)} × it`,
  )
}

const folder = join(root, '.data', 'bench')
rmSync(folder, { recursive: true, force: true })
const database = await startMariaDb(folder, 5401)
try {
  say(`filling places of ${sizes.join(', ')} stands with five years of weekly readings …`)
  const places = await fillPlaces(database, sizes)
  say(`filling records of ${recordSizes.join(', ')} entries in a year …`)
  const records = await fillRecords(database, recordSizes)
  const paces = await paceOf(database, await paceAsked(database, places, records))
  for (const { name, perSecond, barePerSecond, p99, median } of paces) {
    say(
      `${name}, 8 at once: ${figure(perSecond)} a second, ${figure(perSecond / barePerSecond)} × a bare handler of the same statements, ${figure(barePerSecond)} (aim: 0.6); the slowest of a hundred ${figure(p99 / median)} × the middle one (aim: at most 5)`,
    )
  }
  const station = await stationPace(database, 1_000_000)
  say(
    `a station's file of ${station.rows} rows, ${figure(station.megabytes)} MB: ${station.days} days stored after ${figure(station.seconds)} s, ${figure(station.seconds / station.readSeconds)} × reading it alone; nobody else waited for more than ${figure(station.longestHoldMs)} ms (aim: 50)`,
  )
  const server = await startAppServer({ database, port: await freePort(5400), isDemo: false })
  const intake = await intakePace(server.url, 10_000)
  say(
    `a spreadsheet of ${intake.rows} past treatments: in after ${figure(intake.seconds)} s, ${figure(intake.seconds / intake.readSeconds)} × reading it alone; told ${intake.told} times how far it is (aim: under 10 s)`,
  )
  const browser = await openBrowser()
  try {
    const kilobytes = await firstLoadKb(browser, server.url)
    say(`first load JavaScript: ${figure(kilobytes)} kB gzip (aim: at most 250)`)
    const photo = await photoSpeed(browser, server.url)
    say(
      `a JPEG of ${photo.megapixels} megapixels, its card found and its leaves measured in a worker: ${figure(photo.measureMs)} ms, ${figure(photo.measureMs / photo.decodeMs)} × decoding it whole, ${figure(photo.decodeMs)} ms (aim: at most 1.3), ${figure(photo.measureMs / photo.decodeAndReadMs)} × decoding it into pixels that can be read; ${photo.batch} of them one after another hold at most ${figure(photo.mostMegabytes)} MB more (aim: 200); frames of the page meanwhile ${figure(photo.frameMs)} ms, one in twenty over ${figure(photo.slowFrameMs)} ms, idle ${figure(photo.idleFrameMs)} ms`,
    )
    const stroke = await strokeMs(browser, server.url, places.get(sizes[0]) ?? '')
    say(
      `a stroke of the brush until the bars are drawn anew: ${figure(stroke.toBarsMs)} ms, ${figure(stroke.toBarsMs / stroke.frameMs)} × an idle frame (aim: at most 2); until the checks follow ${figure(stroke.toChecksMs)} ms`,
    )
    const drag = await dragMs(browser, server.url, places.get(sizes[0]) ?? '')
    say(
      `calcium dragged until curves and order are drawn anew: ${figure(drag.dragMs)} ms, ${figure(drag.dragMs / drag.frameMs)} × an idle frame (aim: at most 2)`,
    )
    const onPage = await pathOnPageMs(browser, server.url)
    say(
      `the same in the page's worker: drawn after ${figure(onPage.answerMs)} ms, the longest frame meanwhile ${figure(onPage.longestFrameMs)} ms, ${figure(onPage.longestFrameMs / onPage.stillFrameMs)} × a still frame (aims: 1 s, 50 ms)`,
    )
    const places1000 = await overviewMs(database, 1000)
    say(
      `overview of 1,000 places of 50 stands and five years: first page ${figure(places1000.many)} ms, ${figure(places1000.many / places1000.few)} × that of 10 (aim: at most 3); for who has one place, among them ${figure(places1000.oneAmongMany)} ms, ${figure(places1000.oneAmongMany / places1000.one)} × alone (aim: 1)`,
    )
    let smallest: number | undefined
    for (const [size, placeId] of records) {
      const search = await searchMs(server.url, placeId)
      smallest ??= search.words
      say(
        `record of ${size} entries: words found in ${figure(search.words)} ms, ${figure(search.words / smallest)} × those of ${recordSizes[0]}; a month in ${figure(search.days)} ms; the newest page in ${figure(search.newest)} ms, ${figure(search.newest / baseline)} × (aim: under 100 ms at 10,000)`,
      )
    }
    const perStand: number[] = []
    for (const [size, placeId] of places) {
      const query = await queryMs(server.url, placeId, size)
      perStand.push(query.all / size)
      const drawing = await drawEstate(browser, server.url, placeId)
      const growth = (query.all / size / (perStand[0] ?? 1)).toFixed(2)
      say(
        [
          `${size} stands:`,
          `first page ${figure(query.first)} ms (${figure(query.first / baseline)} ×),`,
          `all pages ${figure(query.all)} ms, ${growth} × the time per stand of ${sizes[0]} (aim: at most 1);`,
          `drawn after ${figure(drawing.firstMs)} ms, ${drawing.rowsDrawn} rows in the page,`,
          `a frame while scrolling ${figure(drawing.frameMs)} ms, 95 % under ${figure(drawing.slowFrameMs)} ms,`,
          `${figure(drawing.frameMs / drawing.stillFrameMs)} × a still frame`,
        ].join(' '),
      )
    }
  } finally {
    await browser.close()
    await server.stop()
  }
} finally {
  await database.stop()
}

const demoFolder = join(root, '.data', 'bench-demo')
rmSync(demoFolder, { recursive: true, force: true })
const demoDatabase = await startMariaDb(demoFolder, 5411)
try {
  const server = await startAppServer({
    database: demoDatabase,
    port: await freePort(5410),
    isDemo: true,
  })
  const browser = await openBrowser()
  for (const [slowdown, aim] of [
    [1, '1.0 s'],
    [4, '2.2 s'],
  ] as const) {
    const { shellMs, drawnMs } = await loadingMs(browser, server.url, '.row .name', slowdown)
    say(
      `estate of the demo at 1/${slowdown} of the processor: first ribbon drawn after ${figure(drawnMs)} ms, ${figure(drawnMs / shellMs)} × the header alone (aim: ${aim})`,
    )
  }
  const remedy = await openRemedy(server.url)
  const shifts = [
    await layoutShift(browser, server.url, '.row .name'),
    await layoutShift(browser, remedy, '.remedy .two'),
  ]
  say(
    `layout shift while loading at 1/4 of the processor: estate ${shifts[0]?.toFixed(3)}, remedy ${shifts[1]?.toFixed(3)} (aim: under 0.05)`,
  )
  const [nothing, ...taps] = await outdoorTaps(browser, server.url)
  say(
    `a tap at 1/4 of the processor until it is painted, the middle one and the slowest: ${taps.map(({ what, medianMs, longestMs }) => `${what} ${figure(medianMs)} ms and ${figure(longestMs)} ms, ${figure(medianMs / (nothing?.medianMs ?? NaN))} ×`).join('; ')} a tap that does nothing, ${figure(nothing?.medianMs ?? NaN)} ms (aim: 100 ms)`,
  )
  await browser.close()
  const plan = await planDemoMs(server.url)
  say(
    `season of the demo estate, ${plan.jobs} jobs: planned in ${figure(plan.planMs)} ms, ${figure(plan.planMs / plan.simpleMs)} × the earliest-fit plan alone; expected loss ${figure(plan.loss)} in place of ${figure(plan.simpleLoss)}; ${plan.breaches} rules broken (aim: under 10 s, none)`,
  )
  await server.stop()
} finally {
  await demoDatabase.stop()
}
