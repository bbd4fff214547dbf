import { createInstance } from 'i18next';
import { initReactI18next } from 'react-i18next';
import { en } from './en';

/** One catalogue for every word of the interface. */
const catalogue = createInstance();

void catalogue.use(initReactI18next).init({
  lng: 'en',
  fallbackLng: 'en',
  resources: { en: { translation: en } },
  interpolation: { escapeValue: false },
  initAsync: false,
});

export { catalogue };
