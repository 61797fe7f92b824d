import { file, one, reads } from '../route/index.ts'
import { PlanningDto } from './planning.dto.ts'

export const planningRoutes = {
  all: reads({
    path: '/places/:placeId/planning',
    summary: 'Stands, jobs and what they rest on: all that a plan of the season is made of',
    access: 'see',
    answers: one(PlanningDto),
    topic: 'planning',
  }),
  calendar: reads({
    path: '/places/:placeId/calendar.ics',
    summary: 'The jobs of a place as a calendar (RFC 5545), to be saved',
    access: 'see',
    answers: file(['text/calendar; charset=utf-8']),
    topic: undefined,
  }),
  subscribed: reads({
    path: '/calendars/:token',
    summary:
      'The same, for who was given its address; an address that was taken back leads nowhere',
    access: 'everybody',
    answers: file(['text/calendar; charset=utf-8']),
    topic: undefined,
  }),
}
