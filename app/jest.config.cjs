const { watchPlugins: _, ...preset } = require('jest-expo/web/jest-preset');

/** Packages that ship code which Jest cannot read as it is. */
const COMPILED =
  'react-native|@react-native|expo|@expo|standard-navigation|@tamagui|tamagui|idb-keyval|lucide-react-native|@taxikine';

module.exports = {
  ...preset,
  displayName: 'app',
  rootDir: __dirname,
  testMatch: ['<rootDir>/tests/**/*.test.{ts,tsx}'],
  setupFiles: [...(preset.setupFiles ?? []), '<rootDir>/tests/setup.ts'],
  transform: { ...preset.transform, '\\.mjs$': 'babel-jest' },
  transformIgnorePatterns: [`/node_modules/(?!((jest-)?(${COMPILED})[^/]*/|.*/(${COMPILED})))`],
  moduleNameMapper: {
    ...preset.moduleNameMapper,
    '\\.woff2$': '<rootDir>/tests/asset.ts',
    '^@taxikine/core$': `${__dirname}/../core/src/index.ts`,
    '^@taxikine/core/(.+)$': `${__dirname}/../core/src/$1`,
  },
};
