import { useSyncExternalStore } from 'react';
import { catalogue } from './i18n';

export type TextOf = (key: string, values?: Record<string, unknown>) => string;

const text: TextOf = (key, values) => catalogue.t(key, values);

function onLanguage(listener: () => void): () => void {
  catalogue.on('languageChanged', listener);
  return () => catalogue.off('languageChanged', listener);
}

const language = (): string => catalogue.language;

/** The catalogue, as a function; whoever uses it is drawn anew in another language. */
export function useText(): TextOf {
  useSyncExternalStore(onLanguage, language);
  return text;
}
