/** Head of an answer that was taken along: when it was given. The worker of the page sets it. */
export const keptAtHeader = 'x-kept-at'
