const { join } = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const ROOT = join(__dirname, '..', '..');
const config = getDefaultConfig(__dirname);
// The packages are those of the project itself.
config.watchFolders = [ROOT];
config.resolver.nodeModulesPaths = [join(ROOT, 'node_modules')];

module.exports = config;
