/** Arrows point one way; core knows neither screen nor clock nor input and output. */
module.exports = {
  forbidden: [
    {
      name: 'core-imports-nothing-of-theirs',
      severity: 'error',
      from: { path: '^core/src' },
      to: { path: '^(server|web|cli|e2e)/' },
    },
    {
      name: 'core-without-io',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-without-screen',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$' },
      to: {
        path: 'node_modules/',
        pathNot:
          'node_modules/(yup|highs|minisearch|tinyqueue|ical\\.js|ical-generator|temporal-polyfill|temporal-[a-z]+)/',
      },
    },
    { name: 'web-and-server-apart', severity: 'error', from: { path: '^web/src' }, to: { path: '^(server|cli)/' } },
    { name: 'server-and-web-apart', severity: 'error', from: { path: '^server/src' }, to: { path: '^(web|cli)/' } },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'body-first',
      severity: 'error',
      from: { path: '^core/src/body', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/(?!body)' },
    },
    {
      name: 'dose-first',
      severity: 'error',
      from: { path: '^core/src/dose', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/(?!dose)' },
    },
    {
      name: 'exercise-before-sport',
      severity: 'error',
      from: { path: '^core/src/exercise' },
      to: { path: '^core/src/(?!body|dose|exercise)' },
    },
    {
      name: 'session-before-formats',
      severity: 'error',
      from: { path: '^core/src/(?!formats)', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/src/formats' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
