/** Folders of the core from the bottom to the top: one may import only what stands before it. */
const layers = [
  'common',
  'date',
  'people',
  'body',
  'dose',
  'exercise/model',
  'exercise/mechanics',
  'exercise/library',
  'exercise/catalogue',
  'exercise/check',
  'limits',
  'athlete',
  'kit',
  'capacity',
  'session-type',
  'sport',
  'progress',
  'session/brief',
  'session/type',
  'session/context',
  'session/draft',
  'load',
  'session/prescription',
  'session/scoring',
  'session/search',
  'session/composer',
  'session/squad',
  'session/editing',
  'session/wording',
  'session/plan',
  'session/player',
  'review',
  'desk',
  'season/calendar',
  'season/scheduler',
  'season/periodisation',
  'season/plan',
  'report',
  'formats',
];

/** Folders of the web application in the same order. */
const webLayers = [
  'api',
  'saving',
  'devices',
  'workers',
  'ui',
  'demands',
  'capacity',
  'library',
  'session',
  'season',
  'report',
  'attention',
  'squad',
  'care',
  'family',
  'settings',
  'navigation',
  'layout',
];

const noTests = '\\.(test|bench)\\.tsx?$';

/** A rule for each folder: nothing of the folders above it, types neither. */
const upwards = (root, folders) =>
  folders.slice(0, -1).map((folder, place) => ({
    name: `${root}-${folder}-knows-nothing-above`.replaceAll('/', '-'),
    severity: 'error',
    from: { path: `^${root}/src/${folder}/`, pathNot: noTests },
    to: { path: `^${root}/src/(${folders.slice(place + 1).join('|')})/` },
  }));

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
      from: { path: '^core/src', pathNot: noTests },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-without-screen',
      severity: 'error',
      from: { path: '^core/src', pathNot: noTests },
      to: {
        path: 'node_modules/',
        pathNot:
          'node_modules/(yup|highs|minisearch|tinyqueue|ical\\.js|ical-generator|temporal-polyfill|temporal-[a-z]+)/',
      },
    },
    { name: 'web-and-server-apart', severity: 'error', from: { path: '^web/src' }, to: { path: '^(server|cli)/' } },
    { name: 'server-and-web-apart', severity: 'error', from: { path: '^server/src' }, to: { path: '^(web|cli)/' } },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'every-core-folder-has-a-layer',
      severity: 'error',
      from: { path: '^core/src/' },
      to: { path: '^core/src/', pathNot: `^core/src/((${layers.join('|')})/|index\\.ts$)` },
    },
    ...upwards('core', layers),
    ...upwards('web', webLayers),
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
