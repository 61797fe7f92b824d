export { serveMail } from './serve-mail.ts'
export type { ReceivedLetter, SimulatedMail } from './serve-mail.ts'
