import { BREATHS } from '@taxikine/core/knowledge/breaths';
import { FAMILIES, POSITIONS, type Dose } from '@taxikine/core/knowledge/drillRow';
import { FLAGS } from '@taxikine/core/knowledge/flags';
import { KIT } from '@taxikine/core/knowledge/kit';
import { PATTERNS } from '@taxikine/core/body/stance/patterns';
import type { OwnDrillRecord } from '@taxikine/core/records/ownDrills/ownDrillRecord';
import { View } from '@tamagui/core';
import { DoseSteppers } from './DoseSteppers';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

export interface DrillFactsProps {
  readonly drill: OwnDrillRecord;
  readonly onChange: (part: Partial<OwnDrillRecord>) => void;
}

/** What counting begins with, by what is counted. */
const FIRST_DOSE: Readonly<Record<Dose['by'], Dose>> = {
  reps: { by: 'reps', reps: 8, sets: 2, secondsEach: 4 },
  hold: { by: 'hold', seconds: 30, sets: 2 },
  breaths: { by: 'breaths', breaths: 5, sets: 2 },
};

/** Everything about a drill that is chosen and not typed. */
export function DrillFacts({ drill, onChange }: DrillFactsProps) {
  const t = useText();
  return (
    <View gap="$4">
      <Choice
        label={t('drills.family')}
        options={FAMILIES.filter((family) => family !== 'ladder').map((value) => ({
          value,
          label: t(`drills.families.${value}`),
        }))}
        value={drill.family}
        onChange={(family) => onChange({ family })}
      />
      <Choice
        label={t('drills.sides')}
        options={[
          { value: true, label: t('drills.oneSided') },
          { value: false, label: t('drills.whole') },
        ]}
        value={drill.oneSided}
        onChange={(oneSided) => onChange({ oneSided })}
      />
      <Choice
        label={t('drills.by')}
        options={(['reps', 'hold', 'breaths'] as const).map((value) => ({
          value,
          label: t(`drills.counts.${value}`),
        }))}
        value={drill.dose.by}
        onChange={(by) => onChange({ dose: FIRST_DOSE[by] })}
      />
      <DoseSteppers dose={drill.dose} onDose={(dose) => dose && onChange({ dose })} />
      <Choice
        label={t('drills.position')}
        options={POSITIONS.map((value) => ({ value, label: t(`library.positions.${value}`) }))}
        value={drill.position}
        onChange={(position) => onChange({ position })}
      />
      <Choice
        label={t('drills.breath')}
        options={BREATHS.map(({ id, words }) => ({ value: id, label: words }))}
        value={drill.breath}
        onChange={(breath) => onChange({ breath })}
      />
      <Several
        label={t('drills.patterns')}
        hint={drill.patterns.length === 0 ? t('drills.everyPattern') : undefined}
        options={PATTERNS.map((id) => ({ id, name: t(`patterns.${id}`) }))}
        chosen={drill.patterns}
        onChosen={(patterns) => onChange({ patterns })}
      />
      <Several
        label={t('drills.kit')}
        options={KIT}
        chosen={drill.kit}
        onChosen={(kit) => onChange({ kit })}
      />
      <Several
        label={t('drills.flags')}
        options={FLAGS}
        chosen={drill.excludedBy}
        onChosen={(excludedBy) => onChange({ excludedBy })}
      />
    </View>
  );
}

interface SeveralProps<Id extends string> {
  readonly label: string;
  readonly hint?: string;
  readonly options: readonly { readonly id: Id; readonly name: string }[];
  readonly chosen: readonly Id[];
  readonly onChosen: (chosen: Id[]) => void;
}

/** Any of a few, a tap each. */
function Several<Id extends string>({ label, hint, options, chosen, onChosen }: SeveralProps<Id>) {
  return (
    <View gap="$1" role="group" aria-label={label}>
      <Words small soft>
        {label}
        {hint ? ` ${hint}` : ''}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {options.map(({ id, name }) => (
          <Button
            key={id}
            tight
            small
            label={name}
            says={`${label}: ${name}`}
            chosen={chosen.includes(id)}
            onPress={() =>
              onChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id])
            }
          />
        ))}
      </View>
    </View>
  );
}
