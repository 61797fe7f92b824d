import { buildWeb } from '../scripts/build-web.ts'

/** The interface is built once, before the workers share it. */
export default buildWeb
