import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { Modal } from 'react-native';
import { Button } from './Button';
import { Title } from './text';
import { useText } from '../words/useText';

export interface SheetProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A page that comes up over the screen: a dialog that Escape closes and that keeps the focus. */
export function Sheet({ title, open, onClose, children }: SheetProps) {
  const t = useText();
  if (!open) return null;
  return (
    <Modal visible transparent animationType="none" onRequestClose={onClose} aria-label={title}>
      <View
        flex={1}
        justifyContent="flex-end"
        $wide={{ justifyContent: 'center' }}
        alignItems="center"
        backgroundColor="$veil"
      >
        <View
          backgroundColor="$raised"
          width="100%"
          maxWidth={620}
          maxHeight="92%"
          borderTopLeftRadius={20}
          borderTopRightRadius={20}
          $wide={{ borderRadius: 20 }}
        >
          <View
            flexDirection="row"
            alignItems="center"
            justifyContent="space-between"
            padding="$4"
            paddingBottom="$2"
            gap="$3"
          >
            <Title flexShrink={1} aria-level={2}>
              {title}
            </Title>
            <Button label={t('close')} kind="quiet" onPress={onClose} tight />
          </View>
          {/* A page longer than the screen scrolls inside its sheet. */}
          <View
            padding="$4"
            paddingTop={0}
            gap="$4"
            flexShrink={1}
            minHeight={0}
            style={{ overflowY: 'auto' }}
          >
            {children}
          </View>
        </View>
      </View>
    </Modal>
  );
}
