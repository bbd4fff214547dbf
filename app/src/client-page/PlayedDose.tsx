import type { DrillRecord } from '@taxikine/core/records/drills/drillRecord';
import type { DoseToday } from '@taxikine/core/planning/home/asTheyMayBe';
import { View } from '@tamagui/core';
import { ANYBODY } from '../library/anybody';
import { Player } from '../visit/player/Player';
import { useWide } from '../ui/useWide';
import type { ChosenDose } from './ChosenDose';
import { asPlayed, useHomePlayer } from './useHomePlayer';

/** The player, for a dose at home. */
export function PlayedDose({
  chosen: { dose, drill },
  id,
  doses,
  onEnd,
  onClose,
}: {
  chosen: ChosenDose;
  id: string;
  doses: readonly DoseToday[];
  onEnd: (drill: DrillRecord) => void;
  onClose: () => void;
}) {
  const { wide, width } = useWide();
  const { drill: played, player } = useHomePlayer(asPlayed(id, drill, dose), onEnd);
  const session = doses
    .filter(({ at }) => at === dose.at)
    .map((one): DrillRecord =>
      one.key === dose.key
        ? played
        : { ...asPlayed(one.key, drill, one), status: one.log ? 'done' : 'planned' },
    );
  return (
    <View height="100%">
      <Player
        client={ANYBODY}
        drill={played}
        session={session}
        player={player}
        care={drill.care ?? []}
        onClose={onClose}
        wide={wide}
        width={width}
      />
    </View>
  );
}
