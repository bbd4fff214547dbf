import { FAMILIES, type Family } from '@taxikine/core/knowledge/drillRow';
import { searchDrills } from '@taxikine/core/knowledge/searchDrills';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useDeferredValue, useMemo, useState } from 'react';
import { useLibrary, useOwnDrills } from '../data/usePractice';
import { LibraryRow } from './LibraryRow';
import { ANYBODY } from './anybody';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { GrowingRows } from '../ui/GrowingRows';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { PageFrame } from '../frame/PageFrame';

const PAGE = { gap: '$4', maxWidth: 900, $wide: { padding: '$6' } } as const;

type Shown = Family | 'own' | null;

/** Every drill there is: those that ship, and the practice's own, which can be changed. */
export function LibraryScreen() {
  const t = useText();
  const library = useLibrary();
  const own = useOwnDrills();
  const [text, setText] = useState('');
  const [shown, setShown] = useState<Shown>(null);
  const sought = useDeferredValue(text);
  const ours = useMemo(() => new Set(own.map(({ id }) => id)), [own]);
  const drills = useMemo(
    () =>
      searchDrills({ text: sought }, library).filter(
        ({ id, family }) => shown === null || (shown === 'own' ? ours.has(id) : family === shown),
      ),
    [sought, library, shown, ours],
  );
  return (
    <PageFrame title={t('drills.title')} note={t('drills.lead')} back="/" page={PAGE}>
      <View flexDirection="row" flexWrap="wrap" gap="$3" alignItems="flex-end">
        <View flex={1} minWidth={220}>
          <Field label={t('library.search')} value={text} onChange={setText} />
        </View>
        <Button kind="main" label={t('drills.new')} onPress={() => router.push('/library/new')} />
      </View>
      <Choice
        label={t('drills.family')}
        options={[
          { value: null as Shown, label: t('drills.all') },
          { value: 'own', label: t('drills.own') },
          ...FAMILIES.map((value) => ({ value, label: t(`drills.families.${value}`) })),
        ]}
        value={shown}
        onChange={setShown}
      />
      <Words small soft aria-live="polite">
        {drills.length === 0 ? t('library.none') : t('library.lead', { count: drills.length })}
      </Words>
      <GrowingRows
        items={drills}
        list={`${shown} ${sought}`}
        keyOf={({ id }) => id}
        render={(drill) => (
          <LibraryRow drill={drill} client={ANYBODY}>
            {ours.has(drill.id) ? (
              <Button
                tight
                small
                label={t('drills.change')}
                says={`${t('drills.change')}: ${drill.name}`}
                onPress={() => router.push(`/library/${drill.id}`)}
              />
            ) : null}
          </LibraryRow>
        )}
      />
    </PageFrame>
  );
}
