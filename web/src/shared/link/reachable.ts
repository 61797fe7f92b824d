/** Whether others can open the address that this page was opened by: one's own machine is nobody else's. */
export const isReachable = (): boolean =>
  !/^(localhost$|127\.|\[::1\]$)/.test(window.location.hostname)
