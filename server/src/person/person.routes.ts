import { personRoutes, signInRoutes } from '@spudder/contract/person'
import type { Reach } from '../access/gate.ts'
import { serve } from '../http/route.ts'
import { readAudit, writeAudit } from './audit.service.ts'
import {
  acceptInvitation,
  findInvitations,
  invite,
  recover,
  viewInvitation,
  withdrawInvitation,
} from './invitation.service.ts'
import { changeMe, findMe, lookThrough } from './me.service.ts'
import {
  addPasskey,
  askNewPasskey,
  askPasskey,
  findPasskeys,
  removePasskey,
  signInByPasskey,
} from './passkey.service.ts'
import { changeMember, findMembers } from './people.service.ts'
import { endSession, findSessions } from './session-list.ts'
import {
  askForSignIn,
  choosePassword,
  offerCodes,
  signIn,
  signOut,
  switchCodesOff,
  switchCodesOn,
  workAlone,
} from './sign-in.service.ts'
import type { PeopleStage } from './stage.ts'
import { createToken, findTokens, withdrawToken } from './token.service.ts'

/** @throws {Error} a fault of ours: the route leads to no place */
function reached(reach: Reach | undefined): Reach {
  if (!reach) throw new Error('the route leads to no place')
  return reach
}

const servePersons = (stage: PeopleStage) =>
  serve(personRoutes, {
    me: ({ visit }) => findMe(stage, visit),
    changeMe: ({ visit, recorder, body }) => changeMe(stage, visit, recorder, body),
    people: ({ params }) => findMembers(stage, params.placeId),
    changeMember: ({ params, body, visit, recorder }) =>
      changeMember(stage, { visit, recorder }, params, body),
    recover: ({ params, visit, recorder }) =>
      recover(stage, { visit, recorder, placeId: params.placeId }, params.personId),
    invitations: ({ params }) => findInvitations(stage.db, params.placeId),
    invite: ({ params, body, visit, recorder }) =>
      invite(stage, { visit, recorder, placeId: params.placeId }, body),
    withdrawInvitation: ({ params, visit, recorder }) =>
      withdrawInvitation(stage, { visit, recorder, placeId: params.placeId }, params.invitationId),
    viewInvitation: ({ params, visit }) => viewInvitation(stage, visit, params.token),
    acceptInvitation: ({ params, body, visit }) =>
      acceptInvitation(stage, visit, params.token, body),
    tokens: ({ visit, recorder, reach }) =>
      findTokens(stage, { visit, recorder, reach: reached(reach) }),
    createToken: ({ visit, recorder, reach, body }) =>
      createToken(stage, { visit, recorder, reach: reached(reach) }, body),
    withdrawToken: ({ visit, recorder, reach, params }) =>
      withdrawToken(stage, { visit, recorder, reach: reached(reach) }, params.tokenId),
    audit: ({ params, query }) => readAudit(stage.db, params.placeId, query),
    auditFile: ({ params }) => writeAudit(stage.db, params.placeId),
    eyes: ({ visit, body }) => lookThrough(stage, visit, body.personId),
  })

const serveSignIn = (stage: PeopleStage) =>
  serve(signInRoutes, {
    signIn: ({ visit, body }) => signIn(stage, visit, body),
    askPasskey: ({ visit }) => askPasskey(stage, visit),
    signInByPasskey: ({ visit, body }) => signInByPasskey(stage, visit, body),
    signOut: ({ visit }) => signOut(stage, visit),
    askForSignIn: ({ visit, body }) => askForSignIn(stage, visit, body),
    workAlone: ({ visit, body }) => workAlone(stage, visit, body.password),
    sessions: ({ visit }) => findSessions(stage, visit),
    endSession: ({ visit, params }) => endSession(stage, visit, params.sessionId),
    choosePassword: ({ visit, body }) => choosePassword(stage, visit, body),
    offerCodes: ({ visit, body }) => offerCodes(stage, visit, body.password),
    switchCodesOn: ({ visit, body }) => switchCodesOn(stage, visit, body.code),
    switchCodesOff: ({ visit, body }) => switchCodesOff(stage, visit, body.password),
    passkeys: ({ visit }) => findPasskeys(stage, visit),
    askNewPasskey: ({ visit }) => askNewPasskey(stage, visit),
    addPasskey: ({ visit, body }) => addPasskey(stage, visit, body),
    removePasskey: ({ visit, params }) => removePasskey(stage, visit, params.passkeyId),
  })

/** People: how they come in, who they are, what they are at places. */
export const servePeople = (stage: PeopleStage) => [...servePersons(stage), ...serveSignIn(stage)]
