// The floor rule: web and server stand on contract and core, core stands on nothing; in core a folder
// imports only from the folders to its left, and always through their index.
const ORDER = [
  'units',
  'explain',
  'ingredients',
  'exclusions',
  'photo',
  'pantry',
  'method',
  'classes',
  'formula',
  'reading',
  'suits',
  'leavening',
  'rebalance',
  'bake',
  'plan',
  'schedule',
  'bench',
  'slice',
  'judge',
  'formats',
];
// In web as well: a folder imports only from those to its left, and no place from another place.
const WEB_ORDER = [
  'undo',
  'workers',
  'api',
  'working',
  'store',
  'words',
  'theme',
  'drawings',
  'photos',
  'instruments',
  'pantry',
  'parts',
  'shared',
  'places',
  'app',
];
const TESTS = '\\.(test|bench)\\.ts$|^core/testing/';

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-floor',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(web|server|contract|e2e)/' },
    },
    {
      name: 'core-pure',
      severity: 'error',
      from: { path: '^core/', pathNot: TESTS },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'contract-floor',
      severity: 'error',
      from: { path: '^contract/' },
      to: { path: '^(web|server|e2e)/' },
    },
    { name: 'web-floor', severity: 'error', from: { path: '^web/' }, to: { path: '^server/' } },
    { name: 'server-floor', severity: 'error', from: { path: '^server/' }, to: { path: '^web/' } },
    {
      name: 'core-by-its-face',
      comment: "a folder's public face is its index.ts",
      severity: 'error',
      from: { path: '^(?!core/)(?!server/testing/)(?!.*\\.(test|bench)\\.ts$)' },
      to: { path: '^core/[^/]+/(?!index\\.ts$)' },
    },
    {
      name: 'core-folder-by-its-face',
      severity: 'error',
      from: { path: '^core/([^/]+)/', pathNot: TESTS },
      to: { path: '^core/[^/]+/(?!index\\.ts$)', pathNot: '^core/$1/' },
    },
    ...WEB_ORDER.map((name, i) => ({
      name: `web-order-${name}`,
      severity: 'error',
      from: { path: `^web/${name}/`, pathNot: '\\.test\\.tsx?$' },
      to: { path: `^web/(${WEB_ORDER.slice(i + 1).join('|') || 'none'})/` },
    })),
    {
      name: 'places-apart',
      comment: 'what two places need belongs into web/shared',
      severity: 'error',
      from: { path: '^web/places/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^web/places/', pathNot: '^web/places/$1/' },
    },
    ...ORDER.map((name, i) => ({
      name: `core-order-${name}`,
      severity: 'error',
      from: { path: `^core/${name}/`, pathNot: TESTS },
      to: { path: `^core/(${ORDER.slice(i + 1).join('|') || 'none'})/` },
    })),
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
};
