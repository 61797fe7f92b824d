import { creates, json, list, reads } from '../route/index.ts'
import { SheetTickDto, TickDto } from './tick.dto.ts'

export const tickRoutes = {
  all: reads({
    path: '/jobs/:jobId/ticks',
    summary: 'What is ticked off on the sheet of a job, by whom and when',
    access: 'see',
    answers: list(SheetTickDto),
    topic: 'ticks',
  }),
  tick: creates({
    path: '/jobs/:jobId/ticks',
    summary: 'Ticks a line of a sheet off, on all devices of its job, or takes the tick back',
    access: 'work',
    sends: json(TickDto),
    answers: list(SheetTickDto),
    touches: ['ticks'],
  }),
}
