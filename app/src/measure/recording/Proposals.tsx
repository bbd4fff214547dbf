import { oneFault } from '@taxikine/core/knowledge/faults';
import type { LookRecord } from '@taxikine/core/records/looks/lookRecord';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { withUnit } from '@taxikine/core/foundation/words/units';
import type { Proposal } from '@taxikine/core/media/recording/proposals';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { accepted, isAccepted, takenBack } from './acceptProposal';
import { ours } from '../../words/units';

export interface ProposalsProps {
  readonly proposals: readonly Proposal[];
  readonly look: LookRecord;
  readonly onLook: (change: (look: LookRecord) => LookRecord) => void;
}

/** What the measures speak for; the coach says of each whether it is so. */
export function Proposals({ proposals, look, onLook }: ProposalsProps) {
  const t = useText();
  const [refused, setRefused] = useState<ReadonlySet<Proposal>>(new Set());
  return (
    <View gap="$3">
      <Title small aria-level={2}>
        {t('recording.proposals')}
      </Title>
      {proposals.length === 0 ? <Words>{t('recording.noProposals')}</Words> : null}
      {proposals.map((one) => (
        <OneProposal
          key={`${one.fault}${one.side}`}
          proposal={one}
          verdict={isAccepted(look, one) ? 'accepted' : refused.has(one) ? 'refused' : 'open'}
          onAccept={() => onLook((now) => accepted(now, one))}
          onRefuse={() => {
            setRefused((now) => new Set([...now, one]));
            if (isAccepted(look, one)) onLook((now) => takenBack(now, one));
          }}
        />
      ))}
    </View>
  );
}

interface OneProposalProps {
  readonly proposal: Proposal;
  readonly verdict: 'accepted' | 'refused' | 'open';
  readonly onAccept: () => void;
  readonly onRefuse: () => void;
}

function OneProposal({ proposal, verdict, onAccept, onRefuse }: OneProposalProps) {
  const t = useText();
  const { fault, side, phase, grade, value, unit, seenIn, of, confidence } = proposal;
  const sentence = fillSide(oneFault(fault).sentence, side);
  return (
    <View gap="$2" borderTopWidth={1} borderColor="$rule" paddingTop="$2">
      <Words bold>{sentence}</Words>
      <Words small soft>
        {t('recording.proposal', {
          phase: t(`phases.${phase}`),
          grade: t(`grades.${grade}`),
          value: ours(withUnit(Math.round(value), unit)),
          seenIn,
          of,
          sure: Math.round(100 * confidence),
        })}
      </Words>
      <View flexDirection="row" gap="$2" role="group" aria-label={sentence}>
        <Button
          label={t('recording.accept')}
          says={`${sentence}: ${t('recording.accept')}`}
          chosen={verdict === 'accepted'}
          flex={1}
          onPress={onAccept}
        />
        <Button
          label={t('recording.refuse')}
          says={`${sentence}: ${t('recording.refuse')}`}
          chosen={verdict === 'refused'}
          flex={1}
          onPress={onRefuse}
        />
      </View>
    </View>
  );
}
