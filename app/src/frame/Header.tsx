import { View } from '@tamagui/core';
import { router, type Href } from 'expo-router';
import Lock from 'lucide-react-native/icons/lock';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { memo, type ReactNode } from 'react';
import { useCoach } from '../data/session';
import { useUnsent } from '../data/useFile';
import { isLockWanted } from '../data/lock/useLock';
import { lock } from '../data/lock/locked';
import { IconButton } from '../ui/IconButton';
import { Title, Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { useText } from '../words/useText';

export interface HeaderProps {
  readonly title: string;
  readonly note?: string;
  /** Where the arrow leads; no arrow without it. */
  readonly back?: Href;
  readonly children?: ReactNode;
}

/** Title, a quiet count of what is not sent yet, and what else the screen puts there. */
export const Header = memo(function Header({ title, note, back, children }: HeaderProps) {
  const t = useText();
  const palette = usePalette();
  return (
    <View
      render="header"
      flexDirection="row"
      alignItems="center"
      // Buttons have room around their icons: on a phone the title needs the rest.
      gap="$1"
      $wide={{ gap: '$3' }}
      paddingHorizontal="$4"
      paddingVertical="$2"
      minHeight={64}
      borderBottomWidth={1.5}
      borderColor="$ink"
      flexShrink={0}
    >
      {back ? (
        <IconButton says={t('back')} onPress={() => router.replace(back)} atEdge>
          <ArrowLeft color={palette.ink} size={24} />
        </IconButton>
      ) : null}
      <View flex={1} minWidth={0}>
        <Title
          aria-level={1}
          numberOfLines={2}
          fontSize="$4"
          lineHeight="$4"
          // Two lines are cut off at their box; the tails of the letters belong to it.
          paddingBottom={3}
          marginBottom={-3}
          $wide={{ fontSize: '$5', lineHeight: '$5' }}
        >
          {title}
        </Title>
        {note ? (
          <Words small soft numberOfLines={1}>
            {note}
          </Words>
        ) : null}
      </View>
      <UnsentBadge />
      <LockButton />
      {children}
    </View>
  );
});

/** Where screens are locked, one tap from wherever the coach is. */
function LockButton() {
  const t = useText();
  const palette = usePalette();
  const session = useCoach();
  if (!isLockWanted(session)) return null;
  return (
    <IconButton says={t('lock.now')} onPress={() => lock(session.coach.id)}>
      <Lock color={palette.ink} size={20} />
    </IconButton>
  );
}

/** "2 changes kept on this device": quiet, and only while it is true. */
function UnsentBadge() {
  const t = useText();
  const count = useUnsent();
  return (
    <View role="status" aria-live="polite">
      {count > 0 ? (
        <Words tiny soft maxWidth={120} textAlign="right">
          {t('kept', { count })}
        </Words>
      ) : null}
    </View>
  );
}
