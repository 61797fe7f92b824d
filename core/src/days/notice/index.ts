export { noticesOf, noticeKinds } from './notices.ts'
export type { Notice, NoticeFacts, NoticeKind } from './notices.ts'
