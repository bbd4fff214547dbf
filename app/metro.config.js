const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
// Fonts ship with the app as woff2.
config.resolver.assetExts.push('woff2');
// Tests live beside the code but are no part of the app.
config.resolver.blockList = [/\.test\.tsx?$/];

module.exports = config;
