/**
 * Layers of each house, the lowest first: a folder knows those of its own row and of the rows before it, and none after.
 * Types count, and so does what is fetched later.
 */
export const LAYERS = {
  'core/src': [
    ['foundation'],
    ['body'],
    ['knowledge'],
    ['records'],
    ['inference'],
    ['planning'],
    ['media'],
    ['exchange'],
    ['reading'],
  ],
  'server/src': [
    ['ground'],
    ['database'],
    ['jobs', 'audit', 'settings', 'pdf'],
    ['keeping', 'factor'],
    ['auth', 'passkeys'],
    ['people', 'founding'],
    ['records', 'calendar', 'changes'],
    ['home', 'leave', 'papers', 'retention', 'today'],
    ['archives', 'letters', 'restore'],
    ['http', 'worker'],
    ['start', 'tools'],
  ],
  'app/src': [
    ['device'],
    ['words'],
    ['ui'],
    ['parts', 'bones'],
    ['data', 'figure'],
    ['frame', 'solver'],
    ['library', 'measure'],
    ['visit'],
    ['home-plan', 'letters'],
    ['client', 'client-page'],
    ['practice'],
    ['today'],
    ['shell'],
    ['app'],
  ],
};

/** What each house may not reach for, by path, however deep; what is allowed besides is told by packages. */
const HOUSES = {
  core: ['app', 'server', 'cli', 'demo', 'e2e', 'scripts'],
  cli: ['app', 'server', 'demo', 'e2e', 'scripts'],
  server: ['app', 'cli', 'demo', 'e2e', 'scripts'],
  app: ['server', 'cli', 'demo', 'e2e', 'scripts'],
  demo: ['app', 'cli', 'e2e', 'scripts'],
};

const any = (names) => `(${names.join('|')})`;

/** Where screens are named that are fetched when they are opened, or before, when the line is idle. */
const LIKELY_NEXT = '^app/src/shell/lazyScreens[.]ts$';

const layerRules = Object.entries(LAYERS).flatMap(([house, rows]) =>
  rows.slice(0, -1).map((row, i) => {
    const above = rows.slice(i + 1).flat();
    return {
      name: `${house.replace('/src', '')}-${row.join('-')}-looks-down`,
      severity: 'error',
      comment: `${row.join(', ')} must not know ${above.join(', ')}`,
      from: { path: `^${house}/${any(row)}/` },
      to: { path: `^${house}/${any(above)}/`, pathNot: LIKELY_NEXT },
    };
  }),
);

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
      name: 'no-circle-of-folders',
      severity: 'error',
      scope: 'folder',
      from: { path: '^(core|server)/src/' },
      to: { path: '^(core|server)/src/', circular: true },
    },
    {
      name: 'core-index-for-others',
      severity: 'error',
      comment: 'inside core a file is imported, not the index that lists it',
      from: { path: '^core/src/' },
      to: { path: '^core/src/index\\.ts$' },
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
