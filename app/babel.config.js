/**
 * Screens that are tapped again and again are compiled so that a tap draws anew what it changed; forms, papers
 * and the client's page are smaller without.
 */
const TAPPED = [
  'client/trend',
  'figure',
  'frame',
  'home-plan',
  'shell',
  'today',
  'ui',
  'visit/check',
  'visit/ladder',
  'visit/look',
  'visit/player',
  'visit/session',
  'visit/setup',
  'visit/steps',
  'visit/thread',
  'visit/trace',
  'visit/verdict',
];
const SCREENS =
  /\/app\/src\/(client|library|letters|measure|practice(?!\/(lock|welcome))|visit)\/.*Screen\.tsx$/;
const isTapped = (file) =>
  SCREENS.test(file) || TAPPED.some((folder) => file.includes(`/app/src/${folder}/`));

module.exports = (api) => {
  api.cache(true);
  return {
    presets: [['babel-preset-expo', { web: { 'react-compiler': { sources: isTapped } } }]],
    // Jest's modules are not Node's: what is fetched late is required there.
    env: { test: { plugins: ['@babel/plugin-transform-dynamic-import'] } },
  };
};
