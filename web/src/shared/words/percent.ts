/** A share as it is said: "95 %"; what is too small to be told apart from nothing is said so. */
export function percent(share: number): string {
  return share > 0 && share < 0.005 ? '< 1 %' : `${Math.round(share * 100)} %`
}
