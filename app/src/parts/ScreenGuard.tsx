import { View } from '@tamagui/core';
import { Component, type ReactNode } from 'react';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';

interface State {
  readonly broken: boolean;
}

/** Stands round a screen: when drawing it fails, the rest of the app goes on. */
export class ScreenGuard extends Component<{ children: ReactNode }, State> {
  override state: State = { broken: false };

  static getDerivedStateFromError(): State {
    return { broken: true };
  }

  override componentDidCatch(error: Error): void {
    console.error('a screen stopped', error);
  }

  override render(): ReactNode {
    if (!this.state.broken) return this.props.children;
    return <BrokenScreen onRetry={() => this.setState({ broken: false })} />;
  }
}

/** What happened, what is safe, what to do. */
function BrokenScreen({ onRetry }: { onRetry: () => void }) {
  const t = useText();
  return (
    <View render="main" role="alert" padding="$5" gap="$3" maxWidth={560}>
      <Title aria-level={1}>{t('broken.screen')}</Title>
      <Words>{t('broken.safe')}</Words>
      <View flexDirection="row" flexWrap="wrap" gap="$3">
        <Button kind="main" label={t('tryAgain')} onPress={onRetry} />
        {/* A whole reload: what broke may lie in what this tab has in memory. */}
        <Button label={t('broken.begin')} onPress={() => globalThis.location.reload()} />
      </View>
    </View>
  );
}
