import { View } from '@tamagui/core';
import { Fragment, startTransition, useEffect, useRef, useState, type ReactNode } from 'react';

export interface GrowingRowsProps<T> {
  readonly items: readonly T[];
  /** What they were chosen by: another list is drawn from its top again, one that only changed is not. */
  readonly list: string;
  readonly keyOf: (item: T) => string;
  readonly render: (item: T) => ReactNode;
}

/** There with the tap that asks for the list; the rest of the screen follows in slices that a finger can interrupt. */
const AT_FIRST = 2;
const AT_ONCE = 4;
/** So many stay when another list takes the place of one: what is in sight does not flash at every letter of a search. */
const IN_SIGHT = 4;
/** More come when the end is nearer than this many pixels: about a screen. */
const NEAR_END = 800;

/** How many of a list are there: some at first, more each time its end comes near. */
function useGrowing(list: string, length: number) {
  const [grown, setGrown] = useState({ list, count: AT_FIRST });
  const count = grown.list === list ? grown.count : Math.min(grown.count, IN_SIGHT);
  const end = useRef<HTMLDivElement>(null);
  const isWhole = count >= length;
  useEffect(() => {
    if (isWhole || !end.current) return;
    const more = () => startTransition(() => setGrown({ list, count: count + AT_ONCE }));
    // A busy page hears several at once: it was not near and then it was.
    const seen = new IntersectionObserver((told) => {
      if (told.some(({ isIntersecting }) => isIntersecting)) more();
    });
    seen.observe(end.current);
    return () => seen.disconnect();
  }, [list, count, isWhole]);
  return { count, end, isWhole };
}

/** A long list inside whatever scrolls it: a row is drawn when it is about to be seen, and then stays. */
export function GrowingRows<T>({ items, list, keyOf, render }: GrowingRowsProps<T>) {
  const { count, end, isWhole } = useGrowing(list, items.length);
  return (
    <View position="relative" gap="$4">
      {items.slice(0, count).map((item) => (
        <Fragment key={keyOf(item)}>{render(item)}</Fragment>
      ))}
      {isWhole ? null : (
        // It reaches up over the last rows, so that the end is near before it is seen.
        <div
          ref={end}
          style={{
            position: 'absolute',
            bottom: 0,
            width: 1,
            height: NEAR_END,
            maxHeight: '100%',
            pointerEvents: 'none',
          }}
        />
      )}
    </View>
  );
}
