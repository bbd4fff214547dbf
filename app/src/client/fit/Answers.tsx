import type { Pattern } from '@taxikine/core/body/stance/patterns';
import type { PostureQuestion } from '@taxikine/core/body/solver/ask';
import type { LimitsDeg } from '@taxikine/core/body/solver/limits';
import type { WhatIf } from '@taxikine/core/inference/depth/whatIf';
import { View } from '@tamagui/core';
import { memo } from 'react';
import { lastOf, useLongAnswer } from '../../solver/useLongAnswer';
import { Section } from '../../ui/layout';
import { Stepper } from '../../ui/Stepper';
import { Numeral, Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { SharesBar, withError } from '../../solver/SharesBar';

export interface AnswersProps {
  /** As it was when the hand last rested; null where nobody can stand so. */
  readonly question: PostureQuestion | null;
  readonly measured: LimitsDeg;
  /** What each range would buy; null while it is worked out. */
  readonly gains: readonly WhatIf[] | null;
  readonly seenDeg: number | null;
  readonly onSeen: (deg: number | null) => void;
  readonly width: number;
}

const THIGH = { from: 15, least: -40, most: 80 } as const;

/** How a seen depth is read in each pattern. */
const SEEN = {
  squat: { label: 'thighs', range: THIGH },
  lunge: { label: 'frontThigh', range: THIGH },
  split: { label: 'frontThigh', range: THIGH },
  hinge: { label: 'lean', range: { from: 60, least: 0, most: 90 } },
} as const satisfies Record<Pattern, unknown>;

/** The solver counts a hinge's lean downward. */
const counted = (pattern: Pattern, seenDeg: number | null): number | null =>
  seenDeg !== null && pattern === 'hinge' ? -seenDeg : seenDeg;

/** How the missing depth divides, and what each joint's usual range would buy. */
export const Answers = memo(function Answers({
  question,
  measured,
  gains,
  seenDeg,
  onSeen,
  width,
}: AnswersProps) {
  const t = useText();
  const key = question && JSON.stringify([question, measured, seenDeg]);
  const shares = useLongAnswer(key, (ask, onProgress) =>
    ask.shares(
      { ...question!, limits: measured, seenDeg: counted(question!.pattern, seenDeg) },
      onProgress,
    ),
  );
  const hinge = question?.pattern === 'hinge';
  const found = lastOf(shares);
  return (
    <View gap="$5">
      <Section>
        <Title small aria-level={2}>
          {t('fit.shares')}
        </Title>
        <Words small soft>
          {t(hinge ? 'fit.sharesHintHinge' : 'fit.sharesHint')}
        </Words>
        {found ? (
          <View opacity={shares.status === 'working' ? 0.6 : 1}>
            <SharesBar found={found} width={width} />
          </View>
        ) : (
          <Words soft>{t('fit.working')}</Words>
        )}
        {question ? (
          <Stepper
            label={t(`fit.seen.${SEEN[question.pattern].label}`)}
            value={seenDeg}
            unit="°"
            {...SEEN[question.pattern].range}
            onChange={onSeen}
          />
        ) : null}
      </Section>
      <Section>
        <Title small aria-level={2}>
          {t('fit.whatIf')}
        </Title>
        <WhatIfs found={gains} />
      </Section>
    </View>
  );
});

function WhatIfs({ found }: { found: readonly WhatIf[] | null }) {
  const t = useText();
  if (!found) return <Words soft>{t('fit.working')}</Words>;
  if (found.length === 0) return <Words soft>{t('fit.nothingShort')}</Words>;
  return (
    <>
      {found.map(({ side, limit, fromDeg, toDeg, gainsCm, gainsDeg, errorCm }) => (
        <View key={`${side}${limit}`} flexDirection="row" alignItems="baseline" gap="$2">
          <Words flex={1}>
            {t('fit.more', {
              joint: `${t(side)} ${t(`fit.range.${limit}`)}`,
              degrees: Math.round(toDeg - fromDeg),
            })}
          </Words>
          <Numeral fontSize="$3" lineHeight="$3">
            {gainsCm < 0.05
              ? t('fit.buysNothing')
              : `${withError(gainsCm, errorCm)} · ${gainsDeg.toFixed(0)}°`}
          </Numeral>
        </View>
      ))}
    </>
  );
}
