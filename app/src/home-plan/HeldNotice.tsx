import { drillOf } from '@taxikine/core/records/drills/drillOf';
import type { ClientFile } from '@taxikine/core/records/clientFile';
import { maybeVisitFile } from '@taxikine/core/inference/case/visitFile';
import { heldFromHome } from '@taxikine/core/planning/home/homeDrills';
import { drillKey } from '@taxikine/core/knowledge/keys';
import { View } from '@tamagui/core';
import { Words } from '../ui/text';
import { useText } from '../words/useText';
import { whenAt } from '../words/when';
import { nameOf } from './nameOf';
import { reportWords } from './reportWords';

export interface HeldNoticeProps {
  readonly file: ClientFile;
  /** The session that goes home. */
  readonly visitId: string;
  /** The plan it went home in: what stops a drill of that one is said on the drill. */
  readonly planId: string | null;
}

/** Drills of a session that stay out of the plan, because pain stopped them at home: which, and why. */
export function HeldNotice({ file, visitId, planId }: HeldNoticeProps) {
  const t = useText();
  const visit = maybeVisitFile(file, visitId);
  const all = visit ? heldFromHome(visit, file) : [];
  const held = all.filter(({ report }) => report.entry.planId !== planId);
  if (held.length === 0) return null;
  return (
    <View gap="$1" role="status">
      {held.map(({ drill, report }) => (
        <Words key={drillKey(drill)} small>
          {t('week.heldBack', {
            drill: nameOf({ row: drillOf(drill), side: drill.side }, t),
            said: reportWords(report, t),
            when: whenAt(report.entry.said),
          })}
        </Words>
      ))}
    </View>
  );
}
