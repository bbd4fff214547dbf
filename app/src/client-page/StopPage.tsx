import { oneReferQuestion, type ReferId } from '@taxikine/core/knowledge/refer';
import { View } from '@tamagui/core';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';

export interface StopPageProps {
  readonly practice: string;
  /** What to do, as the server has it. */
  readonly stop: readonly string[];
  /** Answered yes on this device, and not heard by the server yet: it holds here at once. */
  readonly unheard: readonly ReferId[];
  readonly unsent: number;
}

/** No drills: what to do instead, in plain words. */
export function StopPage({ practice, stop, unheard, unsent }: StopPageProps) {
  const t = useText();
  const words = [...new Set([...stop, ...unheard.map((id) => oneReferQuestion(id).say)])];
  return (
    <View
      render="main"
      padding="$5"
      gap="$4"
      maxWidth={620}
      style={{ overflowY: 'auto' }}
      height="100%"
    >
      <Title big aria-level={1}>
        {t('page.stop')}
      </Title>
      {words.map((one) => (
        <View key={one} borderLeftWidth={8} borderColor="$accent" paddingLeft="$4" role="alert">
          <Words fontSize="$5" lineHeight="$5" bold>
            {one}
          </Words>
        </View>
      ))}
      <Words>{t('page.stopNext', { practice })}</Words>
      {unsent > 0 ? <Words soft>{t('page.unsent', { count: unsent })}</Words> : null}
    </View>
  );
}
