import { createInstance, type i18n } from 'i18next';
import { enShell } from './enShell';

/** One catalogue for every word of the interface; what is behind a door comes with the door. */
const catalogue: i18n = createInstance();

void catalogue.init({
  lng: 'en',
  fallbackLng: 'en',
  resources: { en: { translation: enShell } },
  interpolation: { escapeValue: false },
  initAsync: false,
});

/** Adds words to those there are. */
export function addWords(words: object): void {
  catalogue.addResourceBundle('en', 'translation', words, true, true);
}

export { catalogue };
