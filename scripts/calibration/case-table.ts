import { allCauses, checks } from '@spudder/core/verdict/diagnosis'
import { featureOf } from '@spudder/core/verdict/diagnosis'
import { writtenCases, type WrittenCase } from '@spudder/core/verdict/diagnosis/tests'
import { contextNames, contexts } from '@spudder/core/stand/plant'
import { readingWords, type ReadingKind } from '@spudder/core/seen/reading'
import { storyEvents } from '@spudder/core/verdict/diagnosis'

const causeName = (id: string) => allCauses.find((cause) => cause.id === id)?.name ?? id
const checkName = (id: string) => checks.find((check) => check.id === id)?.name ?? id

function knownOf({ findings, readings, events }: WrittenCase): string {
  const seen = Object.entries(findings).map(([name, value]) => {
    const { label, values } = featureOf(name as 'tier')
    return `${label.toLowerCase()}: ${values[value ?? ''] ?? value}`
  })
  const read = Object.entries(readings).map(([kind, value]) =>
    readingWords({ kind: kind as ReadingKind, value }),
  )
  const told = events.map(([kind, days]) => `${storyEvents[kind].words} ${days} days before`)
  return [...seen, ...read, ...told].join('; ')
}

function expectedOf({ expected }: WrittenCase): string {
  if ('lead' in expected) {
    const names = [expected.lead, expected.with].filter((id) => id !== undefined).map(causeName)
    return names.join(' **and** ')
  }
  const names = expected.open.map(causeName).join(', ')
  return `open (${names} stand); next: ${checkName(expected.check)}`
}

/** The written cases as a page that a practitioner can review. */
export function caseTable(): string {
  const sections = contextNames.map((context) => {
    const rows = writtenCases
      .filter((each) => each.context === context)
      .map((each) => `| ${each.told} | ${knownOf(each)} | ${expectedOf(each)} |`)
    return [
      `## ${contexts[context].label}`,
      '',
      '| case | what is known | what a careful person would say |',
      '| --- | --- | --- |',
      ...rows,
      '',
    ].join('\n')
  })
  return `# Written cases

Cases that the verdict must get right, for a practitioner to review. Written by \`npm run calibrate\` from
\`core/src/verdict/diagnosis/tests/written-cases.ts\`, which the tests read. All cases are invented, from
discriminating signs that are common practice and from the mobility of nutrients (Marschner, from memory).

${sections.join('\n')}`
}
