const { mkdirSync, writeFileSync } = require('node:fs');
const { dirname, join, relative } = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const ROOT = dirname(__dirname);

/** Which file each module's number stands for, so that the build can say what is in what it wrote. */
function noteModules(graph, { createModuleId }) {
  const names = [...graph.dependencies.keys()].map((path) => [
    createModuleId(path),
    relative(ROOT, path),
  ]);
  mkdirSync(join(ROOT, '.taxikine'), { recursive: true });
  writeFileSync(join(ROOT, '.taxikine', 'modules.json'), JSON.stringify(Object.fromEntries(names)));
}

const config = getDefaultConfig(__dirname);
// Fonts ship with the app as woff2.
config.resolver.assetExts.push('woff2');
// Tests live beside the code but are no part of the app.
config.resolver.blockList = [/\.test\.tsx?$/];

// In an export a part is run only when all of its files are there.
if (process.env.NODE_ENV === 'production')
  config.transformer.asyncRequireModulePath = require.resolve('./src/parts/asyncRequire.js');

const serialize = config.serializer.customSerializer;
config.serializer.customSerializer = (entry, before, graph, options) => {
  noteModules(graph, options);
  return serialize(entry, before, graph, options);
};

module.exports = config;
