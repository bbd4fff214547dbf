import js from '@eslint/js';
import expo from 'eslint-config-expo/flat.js';
import tseslint from 'typescript-eslint';

const OUTSIDE = '^(?!\\.{1,2}/)';

/**
 * What packages each house may know. Which house, and which layer of core, may know which is told by paths in
 * `.dependency-cruiser.mjs`.
 */
const only = (files, patterns) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns }] },
});

const noChance = [
  {
    selector: "NewExpression[callee.name='Date'][arguments.length=0]",
    message: 'core has no clock: take the time as an argument',
  },
  {
    selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
    message: 'core has no clock: take the time as an argument',
  },
  {
    selector: "MemberExpression[object.name='Math'][property.name='random']",
    message: 'core has no chance that is not seeded',
  },
];

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.taxikine/**',
      '**/.expo/**',
      'app/babel.config.js',
      'app/metro.config.js',
      '**/jest.config.cjs',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...expo.map((config) => ({ ...config, files: config.files ?? ['app/**/*.{ts,tsx}'] })),
  {
    files: ['**/*.{ts,tsx}'],
    settings: {
      'import/resolver': {
        typescript: {
          project: ['core', 'cli', 'server', 'app', 'demo', 'e2e'].map(
            (name) => `${name}/tsconfig.json`,
          ),
          noWarnOnMultipleProjects: true,
        },
      },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      // The compiler tells these, and has read every import anyway.
      'no-undef': 'off',
      'import/named': 'off',
      'import/namespace': 'off',
      'import/default': 'off',
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
      'max-lines': ['error', { max: 450, skipBlankLines: true }],
    },
  },
  {
    files: ['scripts/**/*.mjs', 'eslint.config.js'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        Buffer: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        fetch: 'readonly',
        performance: 'readonly',
      },
    },
  },
  only(['core/src/**'], [{ regex: OUTSIDE, message: 'core imports nothing but itself' }]),
  only(
    ['core/src/records/schemas/**', 'core/src/records/**/*Schema{,s}.ts', 'core/src/exchange/**'],
    [
      {
        regex: '^(?!\\.{1,2}/|joi$|papaparse$|fhir/r4$)',
        message:
          'what is parsed and sent needs Joi, the reader of tables and the types of FHIR, and nothing else',
      },
    ],
  ),
  {
    files: ['core/src/**'],
    rules: {
      'no-restricted-syntax': ['error', ...noChance],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'process',
        'setTimeout',
        'setInterval',
        'crypto',
      ],
    },
  },
  only(
    ['cli/**'],
    [
      {
        regex: '^(@taxikine/(server|app|demo|e2e)|react|expo|express|typeorm|pg$|\\.\\./\\.\\./)',
        message: 'the command line depends on core only',
      },
    ],
  ),
  only(
    ['server/**'],
    [
      {
        regex: '^(@taxikine/(app|demo|e2e)|react|expo|@tamagui|\\.\\./\\.\\./(app|demo))',
        message: 'server depends on core only',
      },
    ],
  ),
  {
    // Runs in browsers as it is, before the app is there.
    files: ['app/public/**'],
    languageOptions: {
      sourceType: 'script',
      globals: {
        window: 'readonly',
        location: 'readonly',
        localStorage: 'readonly',
        fetch: 'readonly',
      },
    },
  },
  {
    // Metro reads it as it is.
    files: ['app/src/parts/asyncRequire.js'],
    languageOptions: {
      sourceType: 'commonjs',
      globals: { require: 'readonly', module: 'readonly', globalThis: 'readonly' },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['e2e/floor/**/*.js'],
    languageOptions: {
      globals: { require: 'readonly', module: 'readonly', __dirname: 'readonly' },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  only(
    ['app/**'],
    [
      {
        regex: '^@taxikine/core$',
        message: 'import from the file that has it: an index brings all it lists into the part',
      },
      {
        regex: '^(@taxikine/(server|demo|e2e)|express|typeorm|pg$|\\.\\./\\.\\./(server|demo))',
        message: 'app depends on core only',
      },
    ],
  ),
);
