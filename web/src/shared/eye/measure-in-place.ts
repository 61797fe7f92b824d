/** Apart, so that no page is loaded with what measures: that is the worker's. */
export { eyesOf } from '@spudder/core/seen/eye'
