/** Folders as wholes point one way, in every workspace; tests stand aside, since they reach for all. */
// eslint-disable-next-line @typescript-eslint/no-require-imports -- its configuration is CommonJS
const { options } = require('./.dependency-cruiser.cjs')

const parents = ['server/src', 'web/src', 'web/src/shared', 'contract/src', 'sim/src', 'core/src']

module.exports = {
  forbidden: parents.map((folder) => ({
    name: `no-cycles-of-folders-in-${folder.replaceAll('/', '-')}`,
    severity: 'error',
    scope: 'folder',
    from: { path: `^${folder}/[^/]+$` },
    to: { circular: true, path: `^${folder}/[^/]+$` },
  })),
  options: { ...options, exclude: { path: `${options.exclude.path}|\\.test\\.ts$|/tests/` } },
}
