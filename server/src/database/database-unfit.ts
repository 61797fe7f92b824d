/** Data that this server cannot work on, with words for the person who started it. */
export class DatabaseUnfit extends Error {
  constructor(message: string) {
    super(message)
    this.name = 'DatabaseUnfit'
  }
}
