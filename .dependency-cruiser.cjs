/** The layers of docs/architecture.md as rules: arrows point down only. */
const room = (name) => `^${name}/`
const nothingElse = (from, allowed) => ({
  name: `${from}-uses-only-${allowed.join('-') || 'libraries'}`,
  comment: `${from}/ may use ${allowed.join(', ') || 'no other layer'}`,
  severity: 'error',
  from: { path: room(from) },
  to: {
    path: '^(core|contract|server|web|sim|e2e|scripts)/',
    pathNot: room(`(${[from, ...allowed].join('|')})`),
  },
})

/** Wings of the core: each may use those before it. */
const wings = ['base', 'stand', 'seen', 'verdict', 'material', 'soil', 'apply', 'days', 'outcome']
const notTested = { pathNot: '\\.test\\.ts$|/tests/' }
const wingRules = wings.slice(0, -1).map((wing, index) => ({
  name: `wing-${wing}-uses-no-later-wing`,
  severity: 'error',
  from: { path: `^core/src/${wing}/`, ...notTested },
  to: { path: `^core/src/(${wings.slice(index + 1).join('|')})/` },
}))

module.exports = {
  forbidden: [
    ...wingRules,
    {
      name: 'every-room-has-a-wing',
      severity: 'error',
      from: { path: '^core/src/', pathNot: `^core/src/(${wings.join('|')})/[^/]+/` },
      to: {},
    },
    {
      name: 'resolves',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '[?]url$' },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-cycles-of-core-rooms',
      comment: 'rooms as wholes form no cycle either',
      severity: 'error',
      scope: 'folder',
      from: { path: '^core/src/[^/]+/[^/]+$' },
      to: { circular: true, path: '^core/src/[^/]+/[^/]+$' },
    },
    nothingElse('core', []),
    nothingElse('contract', ['core']),
    nothingElse('sim', ['contract', 'core']),
    nothingElse('server', ['contract', 'core', 'sim']),
    nothingElse('web', ['contract', 'core']),
    {
      ...nothingElse('e2e', ['contract', 'scripts']),
      comment: 'files as they come from outside stand with the tests of what reads them',
      to: { path: '^(core|server|web|sim)/', pathNot: '^core/src/.*/tests/' },
    },
    {
      name: 'sim-may-use-the-painter-only',
      comment:
        'a device that computes with our formula would confirm our mistake; the painter needs the plants it draws',
      severity: 'error',
      from: { path: '^sim/src/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/', pathNot: '^core/src/(seen/painter|stand/plant)/' },
    },
    {
      name: 'core-rooms-are-entered-by-their-index',
      severity: 'error',
      from: { path: '^core/src/([^/]+/[^/]+)/' },
      to: {
        path: '^core/src/',
        pathNot: ['^core/src/$1/', '^core/src/[^/]+/[^/]+/index\\.ts$', '/tests/'],
      },
    },
    {
      name: 'core-is-pure',
      comment: 'no Node module in the core: it runs in the browser and in workers too',
      severity: 'error',
      from: { path: '^core/src/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'features-do-not-import-each-other',
      severity: 'error',
      from: { path: '^web/src/features/([^/]+)/' },
      to: { path: '^web/src/features/', pathNot: '^web/src/features/$1/' },
    },
    {
      name: 'shared-knows-no-feature',
      severity: 'error',
      from: { path: '^web/src/(shared|api|theme)/' },
      to: { path: '^web/src/features/' },
    },
    {
      name: 'sql-only-in-repositories',
      severity: 'error',
      from: {
        path: '^server/src/',
        pathNot: '(\\.repository\\.ts|^server/src/database/|\\.test\\.ts)',
      },
      to: { path: 'drizzle-orm|^server/src/database/schema' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|node_modules/\\.|\\.data)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.vue', '.mjs', '.js', '.css', '.d.ts'],
    },
  },
}
