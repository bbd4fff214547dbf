import config from './playwright.config';

/** `npm run pictures`: takes the pictures of docs/screenshots anew from the demo practice. */
export default { ...config, testDir: './pictures', workers: 1 };
