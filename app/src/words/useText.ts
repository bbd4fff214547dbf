import { inUnitsWhereMarked } from '@taxikine/core/foundation/words/unitSystem';
import { useSyncExternalStore } from 'react';
import { catalogue } from './i18n';
import { ways } from './ways';

export type TextOf = (key: string, values?: Record<string, unknown>) => string;

const text: TextOf = (key, values) =>
  inUnitsWhereMarked(catalogue.t(key, values), ways.get().units);

function onChange(listener: () => void): () => void {
  catalogue.on('languageChanged', listener);
  const forget = ways.subscribe(listener);
  return () => {
    catalogue.off('languageChanged', listener);
    forget();
  };
}

const state = (): string => `${catalogue.language} ${Object.values(ways.get()).join(' ')}`;

let latest = { state: state(), text };

/** Another function once things are said otherwise: what was drawn with the former one is not taken for the same. */
function textNow(now: string): TextOf {
  if (latest.state !== now) latest = { state: now, text: (...said) => text(...said) };
  return latest.text;
}

/**
 * The catalogue, as a function; whoever uses it is drawn anew in another language or when the practice says things in
 * another way. In the catalogue a measure has a no-break space before its unit: that is what tells it from somebody's
 * own words.
 */
export const useText = (): TextOf => textNow(useSyncExternalStore(onChange, state));
