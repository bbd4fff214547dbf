import config from './playwright.config';

/** `npm run measure`: what the browser's own tracing says, printed. */
export default { ...config, testDir: './measure', workers: 1 };
