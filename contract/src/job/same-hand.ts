import type { HandDto } from './job.dto.ts'

/** Whether somebody named for a job is a person: by who they are, or by a bare name where nobody signs in by it. */
export const isHand = (
  { personId, name }: HandDto,
  person: { readonly id: string; readonly name: string } | undefined,
): boolean => (personId === null ? name === person?.name : personId === person?.id)
