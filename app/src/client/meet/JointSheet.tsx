import { GIVEN_CAUSES, type CauseId } from '@taxikine/core/knowledge/causes';
import { GIVEN_REGIONS, JOINT_HISTORY } from '@taxikine/core/knowledge/givenRegions';
import type { MaybeSide } from '@taxikine/core/foundation/sides/side';
import type { GivenCause, HistoryItem } from '@taxikine/core/records/case/caseFile';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import type { BodyPlace } from './bodyPlaces';
import { ReplacedPart } from './ReplacedPart';

export interface JointSheetProps {
  readonly place: BodyPlace;
  readonly history: HistoryItem[];
  readonly given: GivenCause[];
  readonly onHistory: (items: HistoryItem[]) => void;
  readonly onGiven: (items: GivenCause[]) => void;
  readonly onClose: () => void;
}

const sentenceOf = (sentence: string): string => sentence.replace('{Side} ', '');

/** What happened to one joint, and whether it will ever move again: one tap each. */
export function JointSheet(props: JointSheetProps) {
  const { place, history, given, onHistory, onGiven, onClose } = props;
  const t = useText();
  const [asked, setAsked] = useState<MaybeSide>(null);
  const side = place.side ?? asked;
  const { region } = place;
  const name = [side ? t(side) : '', t(`regions.${region}`)].join(' ').trim();
  const isIt = (one: HistoryItem, what: string) =>
    !one.replaced && one.what === what && one.region === region && (one.side ?? null) === side;
  const toggle = (what: HistoryItem['what']) =>
    onHistory(
      history.some((one) => isIt(one, what))
        ? history.filter((one) => !isIt(one, what))
        : [...history, { what, region, side }],
    );
  const fixed = GIVEN_CAUSES.filter(({ id }) => GIVEN_REGIONS[id as CauseId]?.includes(region));
  const isFixed = (one: GivenCause, cause: string) => one.cause === cause && one.side === side;
  return (
    <Sheet title={name} open onClose={onClose}>
      {place.side === null ? (
        <Choice<MaybeSide>
          label={t('client.side')}
          options={[
            { value: 'left', label: t('left') },
            { value: null, label: t('pain.middle') },
            { value: 'right', label: t('right') },
          ]}
          value={asked}
          onChange={setAsked}
        />
      ) : null}
      <View gap="$2" role="group" aria-label={t('meet.happened')}>
        <Words small soft>
          {t('meet.happened')}
        </Words>
        <View flexDirection="row" flexWrap="wrap" gap="$2">
          {JOINT_HISTORY.map((what) => (
            <Button
              key={what}
              tight
              label={t(`client.historyWords.${what}`)}
              chosen={history.some((one) => isIt(one, what))}
              onPress={() => toggle(what)}
            />
          ))}
        </View>
      </View>
      <ReplacedPart region={region} side={side} history={history} onHistory={onHistory} />
      {side && fixed.length > 0 ? (
        <View gap="$2" role="group" aria-label={t('client.given')}>
          <Words small soft>
            {t('client.given')}
          </Words>
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            {fixed.map((row) => {
              const cause = row.id as CauseId;
              const on = given.some((one) => isFixed(one, cause));
              return (
                <Button
                  key={cause}
                  tight
                  label={sentenceOf(row.sentence)}
                  chosen={on}
                  onPress={() =>
                    onGiven(
                      on
                        ? given.filter((one) => !isFixed(one, cause))
                        : [
                            ...given,
                            { cause, side, ...(cause === 'prosthesis' ? { region } : {}) },
                          ],
                    )
                  }
                />
              );
            })}
          </View>
        </View>
      ) : null}
      <Button kind="main" label={t('done')} onPress={onClose} />
    </Sheet>
  );
}
