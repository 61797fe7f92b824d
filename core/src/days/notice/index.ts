export { noticesOf, noticeKinds, noticeKindWords } from './notices.ts'
export type { Notice, NoticeFacts, NoticeKind } from './notices.ts'
