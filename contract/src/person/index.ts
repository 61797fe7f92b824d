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
  EyesDto,
  InvitationDto,
  InvitationMadeDto,
  InvitationViewDto,
  InviteDto,
  MeDto,
  MemberDto,
  MembershipDto,
  PersonNameDto,
  TokenDto,
  TokenMadeDto,
  WithdrawDto,
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
  passwordLength,
} from './sign-in.dto.ts'
export { signInRoutes } from './sign-in.routes.ts'
