import { USUAL_SETUP, type SeenMoment } from '@taxikine/core';
import { View } from '@tamagui/core';
import { Figure } from '../figure/Figure';
import { Title, Words } from '../ui/text';
import { useWide } from '../ui/useWide';
import { useText } from '../words/useText';
import { SignInForm } from './SignInForm';

const DEEP_SQUAT: SeenMoment = { pattern: 'squat', phase: 'bottom', faults: [] };
const SOMEBODY = { heightM: 1.74, massKg: 70, segments: {} };

/** The first thing anybody sees: the figure, the name, and the door. */
export function SignInScreen() {
  const t = useText();
  const { wide } = useWide();
  return (
    <View
      render="main"
      flex={1}
      flexDirection={wide ? 'row' : 'column'}
      alignItems="center"
      justifyContent="center"
      gap={wide ? '$7' : '$4'}
      padding="$5"
      style={{ overflowY: 'auto' }}
    >
      <Figure
        client={SOMEBODY}
        setup={USUAL_SETUP}
        moment={DEEP_SQUAT}
        view="side"
        width={wide ? 460 : 250}
        height={wide ? 440 : 220}
        label=""
      />
      <View gap="$4" width="100%" maxWidth={400}>
        <View>
          <Title big aria-level={1} fontSize="$7" lineHeight="$7">
            {t('app')}
          </Title>
          <Words soft>{t('tagline')}</Words>
        </View>
        <SignInForm />
        <Words small soft>
          {t('signIn.caution')}
        </Words>
      </View>
    </View>
  );
}
