/**
 * No circles: a file that needs another must not be needed by it in turn. What is fetched later makes no circle:
 * it comes when all that fetches it is there. Types alone are gone before anything runs.
 */
export default {
  forbidden: [
    {
      name: 'no-circle',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['dynamic-import', 'type-only'] } },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(node_modules|dist|[.]expo|[.]taxikine)/' },
    tsPreCompilationDeps: false,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.mts', '.js', '.mjs', '.jsx', '.json'],
    },
  },
};
