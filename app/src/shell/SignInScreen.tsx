import { View } from '@tamagui/core';
import { useEffect } from 'react';
import { forgetIfMarked } from '../data/toForget';
import { createPart } from '../parts/createPart';
import { usePart } from '../parts/usePart';
import { whenPainted } from '../parts/whenPainted';
import { oneByOneWhenIdle } from '../parts/whenIdle';
import { Title, Words } from '../ui/text';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { CoachFrame, Today } from './lazyScreens';
import { LeavingNotice } from './LeavingNotice';
import { SignInForm } from '../practice/welcome/SignInForm';

/** The figure comes after the form: who signs in need not wait for it. */
const figure = createPart(() => import('./SignInFigure').then((file) => file.SignInFigure));

/** The first thing anybody sees: the figure, the name, and the door. */
export function SignInScreen() {
  const t = useText();
  const { wide } = useWide();
  const drawn = usePart(figure, whenPainted);
  // Whoever signs in comes to these two.
  useEffect(() => oneByOneWhenIdle([CoachFrame.prefetch, Today.prefetch]), []);
  useEffect(() => void forgetIfMarked(), []);
  const { width, height } = wide ? { width: 460, height: 440 } : { width: 250, height: 220 };
  return (
    <View
      render="main"
      flex={1}
      flexDirection={wide ? 'row' : 'column'}
      alignItems="center"
      gap={wide ? '$7' : '$4'}
      padding="$5"
      // Where it is taller than the screen, its top is not cut off.
      style={{ overflowY: 'auto', justifyContent: 'safe center' } as object}
    >
      <View width={width} height={height} aria-hidden>
        {drawn.status === 'there' ? <drawn.part width={width} height={height} /> : null}
      </View>
      <View gap="$4" width="100%" maxWidth={400}>
        <View>
          <Title big aria-level={1} fontSize="$7" lineHeight="$7">
            {t('app')}
          </Title>
          <Words soft>{t('tagline')}</Words>
        </View>
        <LeavingNotice />
        <SignInForm />
        <Words small soft>
          {t('signIn.caution')}
        </Words>
      </View>
    </View>
  );
}
