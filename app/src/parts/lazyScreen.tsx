import { useDeferredValue, type ComponentType, type ReactNode } from 'react';
import { createPart } from './createPart';
import { MissingPart } from './MissingPart';
import { ScreenGuard } from './ScreenGuard';
import { usePart } from './usePart';

/** A screen that is fetched when it is opened, or before that when it is likely to be. */
export interface LazyScreen<Props extends object> {
  (props: Props): ReactNode;
  /** Fetches it without showing it. */
  readonly prefetch: () => void;
}

/**
 * @param load an `import()` of the screen's own file: the build cuts the app at these
 * @param Bones what stands in its place until it is there
 */
export function lazyScreen<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  Bones: ComponentType,
): LazyScreen<Props> {
  const part = createPart(load);
  function Screen(props: Props) {
    const state = usePart(part);
    // A tap is answered with the bones at once; the screen itself is drawn in pieces that give way to taps.
    const isLater = useDeferredValue(true, false);
    if (state.status === 'coming' || !isLater) return <Bones />;
    if (state.status === 'missing') return <MissingPart onRetry={part.fetch} />;
    const { part: Loaded } = state;
    return (
      <ScreenGuard>
        <Loaded {...props} />
      </ScreenGuard>
    );
  }
  return Object.assign(Screen, { prefetch: part.fetch });
}
