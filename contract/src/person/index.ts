export { auditActs, auditActWords, auditOutcomes, invitationKinds } from './audit.ts'
export type { AuditAct, AuditOutcome, InvitationKind } from './audit.ts'
export {
  AcceptInvitationDto,
  AuditLineDto,
  AuditPageDto,
  AuditQueryDto,
  ChangeMeDto,
  ChangeMemberDto,
  CreateTokenDto,
  InvitationDto,
  InvitationMadeDto,
  InvitationViewDto,
  InviteDto,
  MeDto,
  MemberDto,
  TokenDto,
  TokenMadeDto,
  invitationDays,
  tokenDays,
} from './person.dto.ts'
export { personRoutes } from './person.routes.ts'
export {
  AddPasskeyDto,
  AskSignInDto,
  ChoosePasswordDto,
  CodeDto,
  CodesOfferDto,
  DoneDto,
  PasskeyAnswerDto,
  PasskeyDto,
  PasskeyQuestionDto,
  PasswordDto,
  SessionDto,
  SignInDto,
} from './sign-in.dto.ts'
export { signInRoutes } from './sign-in.routes.ts'
