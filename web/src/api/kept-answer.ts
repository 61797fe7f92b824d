import { shallowRef } from 'vue'

/**
 * When the answer that came last was given, where it was not the server's own but one that was taken along;
 * undefined where it was the server's.
 */
export const answeredFrom = shallowRef<Date>()
