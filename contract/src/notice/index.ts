export { NoticeDto } from './notice.dto.ts'
export { noticeRoutes } from './notice.routes.ts'
