/*
 * What `import()` is in the build; Metro calls it with the number of a module and the names of the parts
 * that are fetched first. Expo's own tries the module before it has fetched anything: a module that has come
 * ahead of what it needs is then taken for broken, and stays so. Ours waits until all is there.
 */
const expo = require('expo/internal/async-require-module');

function asyncRequire(moduleId, paths, moduleName) {
  const part = paths && paths[String(moduleId)];
  const fetched = part ? globalThis.__loadBundleAsync(part) : Promise.resolve();
  return fetched.then(() => require.importAll(moduleId, moduleName));
}

module.exports = Object.assign(asyncRequire, {
  unstable_resolve: expo.unstable_resolve,
  unstable_createWorker: expo.unstable_createWorker,
});
