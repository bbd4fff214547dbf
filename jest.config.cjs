const swc = (decorators) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', decorators },
      transform: { legacyDecorator: decorators, useDefineForClassFields: false },
    },
    module: { type: 'commonjs' },
  },
];

/** Plain projects run without a browser or a framework. */
const plain = (name, decorators = false) => ({
  displayName: name,
  rootDir: `${__dirname}/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/tests/**/*.test.ts'],
  transform: {
    '/core/src/index\\.ts$': `${__dirname}/scripts/jest/bundleCore.mjs`,
    '^.+\\.(ts|mjs)$': swc(decorators),
  },
  moduleNameMapper: {
    '^@taxikine/(core|server|demo)$': `${__dirname}/$1/src/index.ts`,
  },
});

module.exports = {
  // A busy machine is slow, not wrong.
  testTimeout: 120_000,
  projects: [
    plain('core'),
    plain('cli'),
    plain('scripts'),
    plain('demo', true),
    plain('server', true),
    `${__dirname}/app/jest.config.cjs`,
  ],
};
