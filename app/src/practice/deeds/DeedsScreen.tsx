import type { DeedShown } from '@taxikine/core/records/wire/audit';
import { View } from '@tamagui/core';
import { deedWords } from './deedWords';
import { useDeeds } from './useDeeds';
import { useIsOwner } from '../../data/session';
import { problemWords } from '../../data/problemWords';
import { useMadeFile } from '../../data/useMadeFile';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import '../../words/houseWords';
import { useText } from '../../words/useText';
import { whenAt } from '../../words/when';
import { PageFrame, WORDS_PAGE } from '../../frame/PageFrame';

const PAGE = { ...WORDS_PAGE, gap: '$4' } as const;

/** Who did what in the practice, for its owners. */
export function DeedsScreen() {
  const t = useText();
  const isOwner = useIsOwner();
  return (
    <PageFrame title={t('deeds.title')} back="/practice" page={PAGE} forReading>
      {isOwner ? <Deeds /> : <Words>{t('people.ownerOnly')}</Words>}
    </PageFrame>
  );
}

function Deeds() {
  const t = useText();
  const { deeds, error, isReading, older } = useDeeds();
  const table = useMadeFile('/practice/deeds.csv', 'deeds');
  const problem = problemWords(error, t);
  return (
    <>
      <Words>{t('deeds.lead')}</Words>
      <View flexDirection="row">
        <Button label={t('deeds.csv')} off={table.busy} onPress={table.save} />
      </View>
      {problem || table.state === 'failed' ? (
        <Words accent role="alert">
          {problem ?? t('leave.failed')}
        </Words>
      ) : null}
      <View role="list">
        {deeds?.map((one) => (
          <Line key={one.id} one={one} />
        ))}
      </View>
      {deeds?.length === 0 ? <Words soft>{t('deeds.none')}</Words> : null}
      {older ? (
        <View flexDirection="row">
          <Button label={t('deeds.older')} off={isReading} onPress={older} />
        </View>
      ) : null}
    </>
  );
}

function Line({ one }: { one: DeedShown }) {
  const t = useText();
  return (
    <View role="listitem" borderTopWidth={1} borderColor="$rule" paddingVertical="$2">
      <Words>
        {one.by} {deedWords(one, t)}
      </Words>
      <Words small soft>
        {whenAt(one.on)}
      </Words>
    </View>
  );
}
