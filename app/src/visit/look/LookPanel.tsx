import { oneFault } from '@taxikine/core/knowledge/faults';
import { faultKey } from '@taxikine/core/knowledge/keys';
import { fillSide } from '@taxikine/core/foundation/words/fill';
import { withUnit } from '@taxikine/core/foundation/words/units';
import type { SeenFault } from '@taxikine/core/records/case/caseFile';
import { View } from '@tamagui/core';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { ours } from '../../words/units';
import { useText, type TextOf } from '../../words/useText';
import { FaultRows } from './FaultRows';
import { toggleAllClear } from './lookState';
import { SeenSoFar } from './SeenSoFar';
import type { LiveLookState } from './useLiveLook';

/** What can be seen here: each fault with its sides, and the way to say that none is there. */
export function LookPanel({ state, wide }: { state: LiveLookState; wide: boolean }) {
  const { look, later, view, phase, rows, lastTouched, tap, openFaultOf } = state;
  return (
    <View
      gap="$2"
      paddingHorizontal="$3"
      paddingVertical="$3"
      backgroundColor="$raised"
      borderTopWidth={wide ? 0 : 1.5}
      borderColor="$ink"
      flex={wide ? 1 : undefined}
    >
      <Place state={state} />
      {rows.length === 0 ? (
        <NothingHere state={state} />
      ) : (
        <FaultRows
          rows={rows}
          look={look}
          view={view}
          phase={phase}
          onOpen={openFaultOf}
          onChange={tap}
        />
      )}
      {lastTouched ? <NumberOf fault={lastTouched} onOpen={openFaultOf} /> : null}
      {wide ? <SeenSoFar look={later} onOpen={openFaultOf} /> : null}
    </View>
  );
}

/** Where the coach looks, in words, and the button that says that all there is clear. */
function Place({ state: { zone, phase, view, rows, change } }: { state: LiveLookState }) {
  const t = useText();
  const where = {
    zone: t(`zones.${zone}`),
    phase: t(`phases.${phase}`),
    view: t(`views.${view}`),
  };
  return (
    <View flexDirection="row" justifyContent="space-between" alignItems="center" gap="$2">
      <Words small soft flexShrink={1} aria-live="polite">
        {t('look.where', where)}
        {view === 'front' ? ` · ${t('look.swapped')}` : ''}
      </Words>
      {rows.length > 0 ? (
        <Button
          kind="quiet"
          label={t('look.allClear')}
          tight
          small
          onPress={() => change((latest) => toggleAllClear(latest, rows))}
        />
      ) : null}
    </View>
  );
}

function NothingHere({ state: { zone, elsewhere, setView } }: { state: LiveLookState }) {
  const t = useText();
  return (
    <View gap="$2">
      <Words>{t('look.nothing', { zone: t(`zones.${zone}`) })}</Words>
      {elsewhere ? (
        <Button
          label={t('look.tryView', { view: t(`views.${elsewhere}`) })}
          onPress={() => setView(elsewhere)}
        />
      ) : (
        <Words soft>{t('look.elsewhere')}</Words>
      )}
    </View>
  );
}

/** The sentence of a fault and its number, or the word that asks for one; null for one without a unit. */
function maybeNumberWords({ fault, side, value }: SeenFault, t: TextOf): string | null {
  const { sentence, unit } = oneFault(fault);
  if (!unit) return null;
  const number = value === undefined ? t('look.add') : ours(withUnit(value, unit));
  return `${fillSide(sentence, side)}: ${number}`;
}

function NumberOf({ fault, onOpen }: { fault: SeenFault; onOpen: (key: string) => void }) {
  const words = maybeNumberWords(fault, useText());
  return words ? (
    <Button kind="quiet" small left label={words} onPress={() => onOpen(faultKey(fault))} />
  ) : null;
}
