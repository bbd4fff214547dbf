import { oneCause } from '@taxikine/core/knowledge/causes';
import type { VisitLesson } from '@taxikine/core/inference/case/lessons';
import { capital, fillSide } from '@taxikine/core/foundation/words/fill';
import { probabilityWords } from '@taxikine/core/foundation/words/probability';
import { View } from '@tamagui/core';
import { KindMark } from '../thread/KindMark';
import { Title, Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { when } from '../../words/when';
import { ours } from '../../words/units';

/** Which causes were confirmed by earlier visits, which were wrong, and what told so. */
export function Learned({ lessons }: { lessons: readonly VisitLesson[] }) {
  const t = useText();
  if (lessons.length === 0) return null;
  return (
    <View gap="$2" role="group" aria-label={t('trace.learned.title')}>
      <Title small aria-level={3}>
        {t('trace.learned.title')}
      </Title>
      {[...lessons].reverse().map((lesson) => (
        <View
          key={`${lesson.visitId}${lesson.cause}${lesson.side}`}
          flexDirection="row"
          gap="$2"
          alignItems="flex-start"
        >
          <KindMark kind={oneCause(lesson.cause).kind} size={22} />
          <View flex={1}>
            <Words small bold>
              {fillSide(oneCause(lesson.cause).sentence, lesson.side ?? null)}:{' '}
              {t(`trace.learned.${lesson.outcome}`)}
            </Words>
            <Words small soft>
              {capital(when(lesson.on))}
              {lesson.held === null
                ? ''
                : `, ${t('trace.learned.held', { p: probabilityWords(lesson.held) })}`}{' '}
              · {ours(lesson.words.replace(/^Earlier, /, ''))}
            </Words>
          </View>
        </View>
      ))}
    </View>
  );
}
