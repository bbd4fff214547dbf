import { View } from '@tamagui/core';
import { useQueryClient } from '@tanstack/react-query';
import { router, type Href } from 'expo-router';
import Eraser from 'lucide-react-native/icons/eraser';
import House from 'lucide-react-native/icons/house';
import Lock from 'lucide-react-native/icons/lock';
import LogOut from 'lucide-react-native/icons/log-out';
import Moon from 'lucide-react-native/icons/moon';
import Sun from 'lucide-react-native/icons/sun';
import UserRound from 'lucide-react-native/icons/user-round';
import type { LucideIcon } from 'lucide-react-native';
import { useState } from 'react';
import { leaveHere } from '../data/leaveHere';
import { useCoach } from '../data/session';
import { lock } from '../data/lock/locked';
import { Button } from '../ui/Button';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { usePalette } from '../ui/usePalette';
import { chooseScheme, useScheme } from '../ui/useScheme';
import { useText } from '../words/useText';
import { ForgetSheet } from '../client/leave/ForgetSheet';

/** The coach's own account, the practice, how the app looks, and the way out. */
export function HouseSheet({ onClose }: { onClose: () => void }) {
  const t = useText();
  const client = useQueryClient();
  const { coach } = useCoach();
  const other = useScheme() === 'light' ? 'dark' : 'light';
  const [forgetting, setForgetting] = useState(false);
  if (forgetting) return <ForgetSheet onClose={onClose} />;
  const open = (href: Href) => {
    onClose();
    router.push(href);
  };
  const lockNow = () => {
    onClose();
    lock(coach.id);
  };
  return (
    <Sheet title={coach.name} open onClose={onClose}>
      <Words soft>{coach.email}</Words>
      <View gap="$1">
        <Line Sign={Lock} label={t('lock.now')} note={t('lock.nowNote')} onPress={lockNow} />
        <Line
          Sign={UserRound}
          label={t('home.account')}
          note={t('home.accountNote')}
          onPress={() => open('/account')}
        />
        <Line
          Sign={House}
          label={t('practice.open')}
          note={t('practice.openNote')}
          onPress={() => open('/practice')}
        />
        <Line
          Sign={other === 'dark' ? Moon : Sun}
          label={t(`theme.${other}`)}
          onPress={() => chooseScheme(other)}
        />
        <Line Sign={LogOut} label={t('signIn.out')} onPress={() => leaveHere(client)} />
        <Line
          Sign={Eraser}
          label={t('forget.title')}
          note={t('forget.note')}
          onPress={() => setForgetting(true)}
        />
      </View>
    </Sheet>
  );
}

interface LineProps {
  readonly Sign: LucideIcon;
  readonly label: string;
  readonly note?: string;
  readonly onPress: () => void;
}

function Line({ Sign, ...line }: LineProps) {
  const palette = usePalette();
  const icon = <Sign size={22} color={palette.ink} />;
  return <Button kind="quiet" left stretch icon={icon} {...line} />;
}
