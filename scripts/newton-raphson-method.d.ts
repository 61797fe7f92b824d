declare module 'newton-raphson-method' {
  interface Options {
    readonly tolerance?: number
    readonly maxIterations?: number
  }
  /** Root of f near x0 by Newton's method with a numerical derivative; false where it finds none. */
  export default function newtonRaphson(
    f: (x: number) => number,
    x0: number,
    options?: Options,
  ): number | false
}
