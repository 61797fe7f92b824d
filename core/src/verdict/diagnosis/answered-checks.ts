import type { FindingName } from '../../seen/finding/index.ts'
import type { ReadingKind } from '../../seen/reading/index.ts'
import { checks } from './data/checks.ts'
import type { FeatureName, TestName } from './data/features.ts'
import { bandedTests, leafTests } from './data/test-readings.ts'

/** Which reading kinds a test is read from. */
function kindsOf(test: TestName): readonly ReadingKind[] {
  if (test === 'pH') return ['pH']
  if (test === 'soilIron') return ['soilIron']
  if (test === 'ironToManganese') return ['soilIron', 'soilManganese']
  const leaf = leafTests[test]
  return [...(leaf ? [leaf.kind] : []), ...(bandedTests[test] ?? []).map(({ kind }) => kind)]
}

/**
 * The checks that findings and readings answer, wholly or in part: what was planned to find out is
 * then found out.
 * @returns ids of checks
 */
export function answeredChecks(
  findings: readonly FindingName[],
  kinds: readonly ReadingKind[],
): readonly string[] {
  const isAnswered = (name: FeatureName) =>
    (findings as readonly FeatureName[]).includes(name) ||
    kindsOf(name as TestName).some((kind) => kinds.includes(kind))
  return checks.filter(({ reveals }) => reveals.some(isAnswered)).map(({ id }) => id)
}
