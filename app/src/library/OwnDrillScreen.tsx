import { parse, type Problem } from '@taxikine/core/records/schemas/problems';
import { RECORD_SCHEMAS } from '@taxikine/core/records/recordSchemas';
import type { OwnDrillRecord } from '@taxikine/core/records/ownDrills/ownDrillRecord';
import type { Versioned } from '@taxikine/core/records/versioned';
import { View } from '@tamagui/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { useFormWrite, useUpdate } from '../data/useFile';
import { useOwnDrills } from '../data/usePractice';
import { DrillFacts } from './DrillFacts';
import { blankDrill } from './ownDrillForm';
import { PosesPart } from './PosesPart';
import { TargetsPart } from './TargetsPart';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Words } from '../ui/text';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { PageFrame } from '../frame/PageFrame';
import { NotThere } from '../frame/NotThere';

const PAGE = {
  gap: '$5',
  $wide: { padding: '$6', flexDirection: 'row', alignItems: 'flex-start' },
} as const;

/** A drill of the practice's own: a new one, or one that is changed. */
export function OwnDrillScreen({ drillId }: { drillId: string | null }) {
  const own = useOwnDrills();
  const known = own.find(({ id }) => id === drillId);
  if (drillId && !known) return <NotThere />;
  return <OwnDrillForm key={drillId ?? 'new'} known={known ?? null} />;
}

const TYPED = ['name', 'how', 'feel', 'stopIf', 'easier', 'harder'] as const;
type Typed = (typeof TYPED)[number];

/** Without the version that the server gave it: that is no part of a drill. */
function withoutVersion(known: Versioned<OwnDrillRecord>): OwnDrillRecord {
  const { version: _, ...drill } = known;
  return drill;
}

const trimmed = (drill: OwnDrillRecord): OwnDrillRecord => ({
  ...drill,
  ...Object.fromEntries(TYPED.map((name) => [name, drill[name].trim()])),
});

function OwnDrillForm({ known }: { known: Versioned<OwnDrillRecord> | null }) {
  const t = useText();
  const write = useFormWrite();
  const { wide, width } = useWide();
  const [drill, setDrill] = useState(() => (known ? withoutVersion(known) : blankDrill()));
  // What another device changes meanwhile is not in this form, and must not be lost under it.
  const [from] = useState(known?.version ?? 0);
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  const change = (part: Partial<OwnDrillRecord>) => setDrill((latest) => ({ ...latest, ...part }));
  const save = () => {
    const read = parse<OwnDrillRecord>(RECORD_SCHEMAS.ownDrills, trimmed(drill));
    if (read.status === 'bad') return setProblems(read.problems);
    write('ownDrills', read.value, from);
    router.replace('/library');
  };
  const problemOf = (name: Typed) => problems.find(({ path }) => path === name)?.message;
  const others = problems.filter(({ path }) => !TYPED.some((name) => name === path));
  const field = (name: Typed) => (
    <Field
      key={name}
      label={t(`drills.names.${name}`)}
      value={drill[name]}
      onChange={(value) => change({ [name]: value })}
      problem={problemOf(name)}
      lines={name === 'how' ? 3 : 1}
    />
  );
  return (
    <PageFrame
      title={known ? known.name : t('drills.newTitle')}
      back="/library"
      page={PAGE}
      foot={
        <View padding="$3" gap="$2" borderTopWidth={1} borderColor="$rule">
          {problems.length > 0 ? (
            <Words small accent role="alert">
              {t('drills.problems')}{' '}
              {(others.length > 0 ? others : problems).map(({ message }) => message).join('; ')}
            </Words>
          ) : null}
          <View flexDirection="row" gap="$3">
            {known ? <DeleteButton known={known} /> : null}
            <Button kind="main" flex={1} label={t('drills.save')} onPress={save} />
          </View>
        </View>
      }
    >
      <View gap="$5" flex={wide ? 1 : undefined}>
        <View gap="$3">{TYPED.map(field)}</View>
        <TargetsPart targets={drill.targets} onTargets={(targets) => change({ targets })} />
        <DrillFacts drill={drill} onChange={change} />
      </View>
      <View flex={wide ? 1 : undefined}>
        <PosesPart
          drill={drill}
          width={wide ? 400 : Math.min(width - 40, 400)}
          onPoses={(poses) => change({ poses })}
        />
      </View>
    </PageFrame>
  );
}

/** Asked once more: a drill that is gone cannot be chosen again, though old sessions keep it. */
function DeleteButton({ known }: { known: Versioned<OwnDrillRecord> }) {
  const t = useText();
  const update = useUpdate();
  const [sure, setSure] = useState(false);
  const remove = () => {
    update('ownDrills', known, (latest) => ({ ...latest, removed: true }));
    router.replace('/library');
  };
  return sure ? (
    <Button label={t('drills.removeYes')} note={t('drills.removeSure')} onPress={remove} />
  ) : (
    <Button kind="quiet" label={t('drills.remove')} onPress={() => setSure(true)} />
  );
}
