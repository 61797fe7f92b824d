/** What is pushed to a device: what it shows, and what opens when that is tapped. */
export interface Pushed {
  readonly title: string
  readonly words: string
  /** A page of the app, as /stands/…/jobs. */
  readonly path: string
}
