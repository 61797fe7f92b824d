import type { Context, Route, StandKind } from '../../stand/plant/index.ts'
import { aimIds, aims, type Aim, type AimId } from './data/aims.ts'
import { lastingFixes, type LastingFix } from './data/lasting-fixes.ts'

/** Aims that make sense for a kind of stand by a route; the usual one first. */
export function aimsFor(context: Context, route: Route): readonly AimId[] {
  const fitting = aimIds.filter((id) => {
    const aim: Aim = aims[id]
    return aim.routes.includes(route) && (aim.contexts?.includes(context) ?? true)
  })
  const usual = usualAim(context, route)
  return [usual, ...fitting.filter((id) => id !== usual)]
}

function usualAim(context: Context, route: Route): AimId {
  if (route === 'leaf') return 'quick-colour'
  return route === 'soil' && context === 'tree' ? 'tree-recovery' : 'season'
}

/** Lasting fixes for a cause in a kind of stand, the surest first. */
export const lastingFixesFor = (
  causeId: string,
  { context, growth }: StandKind,
): readonly LastingFix[] =>
  lastingFixes.filter(
    (fix) =>
      fix.causeIds.includes(causeId) &&
      (fix.contexts?.includes(context) ?? true) &&
      (fix.growths?.includes(growth) ?? true),
  )
