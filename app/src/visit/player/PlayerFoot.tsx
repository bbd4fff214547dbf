import type { PlayerMoment } from '@taxikine/core/planning/player/timeline';
import { Button } from '../../ui/Button';
import { useText } from '../../words/useText';
import type { PlayerActions } from './playerOf';

export interface PlayerFootProps {
  readonly moment: PlayerMoment;
  readonly player: PlayerActions;
  /** To the list of the session; the drill stays as it is. */
  readonly onClose: () => void;
}

/** The way on under the thumb: one big button, back on its left and past the drill on its right. */
export function PlayerFoot({ moment, player, onClose }: PlayerFootProps) {
  const t = useText();
  const { phase, running, set } = moment;
  const untouched = !running && phase === 'work' && set === 0 && moment.doneS === 0;
  const main =
    phase === 'over'
      ? { label: t('player.finish'), onPress: () => player.end('done') }
      : running
        ? { label: t('player.pause'), onPress: player.pause }
        : { label: t('player.resume'), onPress: player.go };
  return (
    <>
      <Button
        tight
        label={t(untouched ? 'player.list' : 'player.back')}
        onPress={untouched ? onClose : player.back}
      />
      <Button kind="main" flex={1} {...main} />
      <Button tight label={t('player.skip')} onPress={() => player.end('skipped')} />
    </>
  );
}
