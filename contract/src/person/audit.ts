/** What is noted of people: what they did, and what they were refused. */
export const auditActs = [
  'signed-in',
  'signed-out',
  'session-ended',
  'sign-in-refused',
  'password-set',
  'passkey-added',
  'passkey-removed',
  'codes-on',
  'codes-off',
  'invited',
  'invitation-withdrawn',
  'came-in',
  'recovery-made',
  'recovered',
  'role-changed',
  'left',
  'token-made',
  'token-withdrawn',
  'token-refused',
  'asked-for-sign-in',
  'changed',
  'read-out',
  'record-opened',
  'refused',
] as const
export type AuditAct = (typeof auditActs)[number]

/** Each act in words; one without words does not compile. */
export const auditActWords: Readonly<Record<AuditAct, string>> = {
  'signed-in': 'signed in',
  'signed-out': 'signed out',
  'session-ended': 'ended a device’s sign-in',
  'sign-in-refused': 'could not sign in',
  'password-set': 'set a password',
  'passkey-added': 'added a passkey',
  'passkey-removed': 'took a passkey away',
  'codes-on': 'switched codes on',
  'codes-off': 'switched codes off',
  invited: 'invited somebody',
  'invitation-withdrawn': 'withdrew an invitation',
  'came-in': 'came in by an invitation',
  'recovery-made': 'made a link to come in again',
  recovered: 'came in again by a link',
  'role-changed': 'changed a role',
  left: 'took somebody off the place',
  'token-made': 'made a key for a program',
  'token-withdrawn': 'withdrew a key of a program',
  'token-refused': 'came with a key that opens nothing',
  'asked-for-sign-in': 'changed whether sign-in is asked for',
  changed: 'stored or changed',
  'read-out': 'took everything out',
  'record-opened': 'opened the record by a link',
  refused: 'was refused',
}

export const auditOutcomes = ['done', 'refused'] as const
export type AuditOutcome = (typeof auditOutcomes)[number]

/** What a link is for: to come in, or to come in again after a password was lost. */
export const invitationKinds = ['join', 'recover'] as const
export type InvitationKind = (typeof invitationKinds)[number]
