import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Title } from '../ui/text';
import { useText } from '../words/useText';
import type { ListOf } from './useClientList';

export interface FindClientsProps {
  readonly list: ListOf;
  readonly onList: (list: ListOf) => void;
}

const SORTS = ['name', 'last-visit'] as const;
const FILTERS = ['all', 'home'] as const;

/** Everybody by a part of their name or work. */
export function FindField({ list, onList }: FindClientsProps) {
  const t = useText();
  return (
    <Field
      label={t('home.find')}
      type="search"
      value={list.search}
      onChange={(search) => onList({ ...list, search })}
    />
  );
}

/** Head of the list of everybody: sort, only those with a plan, and a new one. */
export function ClientsHead({ list, onList }: FindClientsProps) {
  const t = useText();
  return (
    <View gap="$2" paddingBottom="$2">
      <View flexDirection="row" justifyContent="space-between" alignItems="center">
        <Title aria-level={2}>{t('home.clients')}</Title>
        <Button label={t('home.newClient')} onPress={() => router.push('/clients/new')} />
      </View>
      <View flexDirection="row" flexWrap="wrap" gap="$3">
        <Choice
          hideLabel
          label={t('home.sort')}
          options={SORTS.map((value) => ({ value, label: t(`home.sorts.${value}`) }))}
          value={list.sort as (typeof SORTS)[number]}
          onChange={(sort) => onList({ ...list, sort })}
        />
        <Choice
          hideLabel
          label={t('home.show')}
          options={FILTERS.map((value) => ({ value, label: t(`home.filters.${value}`) }))}
          value={list.filter as (typeof FILTERS)[number]}
          onChange={(filter) => onList({ ...list, filter })}
        />
      </View>
    </View>
  );
}
