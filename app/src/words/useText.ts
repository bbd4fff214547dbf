import { useTranslation } from 'react-i18next';

export type TextOf = (key: string, values?: Record<string, unknown>) => string;

/** The catalogue, as a function. */
export function useText(): TextOf {
  const { t } = useTranslation();
  return t as unknown as TextOf;
}
