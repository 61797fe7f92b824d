/** What is asked of a place, once there is one. */
export const ofPlace =
  <More extends object = object>(
    placeId: () => string | undefined,
    more: () => More = () => ({}) as More,
  ) =>
  (): ({ readonly placeId: string } & More) | undefined => {
    const id = placeId()
    return id === undefined ? undefined : { placeId: id, ...more() }
  }
