import { reviewSeason, type SeasonAsked } from '@spudder/core/outcome/season-review'
import { serveWorker } from '../../shared/worker/serve-worker.ts'

/** Reviews a season away from the page: every treatment that was looked at is weighed. */
serveWorker((asked: SeasonAsked) => reviewSeason(asked))
