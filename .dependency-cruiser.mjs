/** Layers of core, the lowest first: each knows those before it, and none after. Types count. */
const LAYERS = [
  'foundation',
  'body',
  'knowledge',
  'records',
  'inference',
  'planning',
  'media',
  'exchange',
  'reading',
];

/** What each house may not reach for, by path, however deep; what is allowed besides is told by packages. */
const HOUSES = {
  core: ['app', 'server', 'cli', 'demo', 'e2e', 'scripts'],
  cli: ['app', 'server', 'demo', 'e2e', 'scripts'],
  server: ['app', 'cli', 'demo', 'e2e', 'scripts'],
  app: ['server', 'cli', 'demo', 'e2e', 'scripts'],
  demo: ['app', 'cli', 'e2e', 'scripts'],
};

const any = (names) => `(${names.join('|')})`;

const layerRules = LAYERS.slice(0, -1).map((layer, i) => ({
  name: `core-${layer}-looks-down`,
  severity: 'error',
  comment: `${layer} must not know ${LAYERS.slice(i + 1).join(', ')}`,
  from: { path: `^core/src/${layer}/` },
  to: { path: `^core/src/${any(LAYERS.slice(i + 1))}/` },
}));

const houseRules = Object.entries(HOUSES).map(([house, others]) => ({
  name: `${house}-stays-at-home`,
  severity: 'error',
  from: { path: `^${house}/` },
  to: { path: `^${any(others)}/` },
}));

export default {
  forbidden: [
    {
      // What is fetched later makes no circle: it comes when all that fetches it is there. Types alone are gone
      // before anything runs.
      name: 'no-circle',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['dynamic-import', 'type-only'] } },
    },
    {
      name: 'no-circle-of-folders-in-core',
      severity: 'error',
      scope: 'folder',
      from: { path: '^core/src/' },
      to: { path: '^core/src/', circular: true },
    },
    {
      name: 'core-index-for-others',
      severity: 'error',
      comment: 'inside core a file is imported, not the index that lists it',
      from: { path: '^core/src/' },
      to: { path: '^core/src/index\\.ts$' },
    },
    {
      name: 'ui-knows-no-screen',
      severity: 'error',
      from: { path: '^app/src/ui/' },
      to: { path: '^app/src/(?!(ui|words|theme|parts)/|data/store[.]ts$)' },
    },
    {
      name: 'specs-know-the-screen-only',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^(app|server|cli)/' },
    },
    ...layerRules,
    ...houseRules,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(node_modules|dist|[.]expo|[.]taxikine)/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.mts', '.js', '.mjs', '.jsx', '.json'],
    },
  },
};
