import {
  browserSupportsWebAuthn,
  startAuthentication,
  startRegistration,
  WebAuthnError,
} from '@simplewebauthn/browser'
import type { PasskeyQuestionDto } from '@spudder/contract/person'

type Asked = Parameters<typeof startAuthentication>[0]['optionsJSON']
type AskedNew = Parameters<typeof startRegistration>[0]['optionsJSON']

/** Whether this browser, under this address, has passkeys at all: they need TLS, or this machine itself. */
export const hasPasskeys = (): boolean => window.isSecureContext && browserSupportsWebAuthn()

/** Why a passkey did not answer, in words for the person. */
const whyNot = (error: unknown): string =>
  error instanceof WebAuthnError && error.code === 'ERROR_AUTHENTICATOR_PREVIOUSLY_REGISTERED'
    ? 'This device has a passkey for you already.'
    : 'Nothing came from the passkey. Try again, or sign in by password.'

/** What a passkey answered, or why it did not. */
export type PasskeyAnswer =
  | { readonly dto: { challengeId: string; answer: Record<string, unknown> } }
  | { readonly why: string }

async function answerOf(challengeId: string, ask: () => Promise<object>): Promise<PasskeyAnswer> {
  try {
    return { dto: { challengeId, answer: { ...(await ask()) } } }
  } catch (error) {
    return { why: whyNot(error) }
  }
}

export const askPasskey = ({ challengeId, options }: PasskeyQuestionDto) =>
  answerOf(challengeId, () => startAuthentication({ optionsJSON: options as unknown as Asked }))

export const makePasskey = ({ challengeId, options }: PasskeyQuestionDto) =>
  answerOf(challengeId, () => startRegistration({ optionsJSON: options as unknown as AskedNew }))
