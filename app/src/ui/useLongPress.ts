import { useRef } from 'react';

const LONG_MS = 500;

/** A press, and a long one that takes the place of the press that would follow it. */
export function useLongPress(onPress: () => void, onLongPress?: () => void) {
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const wasLong = useRef(false);
  if (!onLongPress) return { onPress, handlers: {} };
  const letGo = () => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
  };
  const hold = () => {
    wasLong.current = false;
    letGo();
    timer.current = setTimeout(() => {
      wasLong.current = true;
      onLongPress();
    }, LONG_MS);
  };
  return {
    onPress: () => {
      if (!wasLong.current) onPress();
      wasLong.current = false;
    },
    handlers: {
      onPointerDown: hold,
      onPointerUp: letGo,
      onPointerLeave: letGo,
      onContextMenu: (event: { preventDefault: () => void }) => event.preventDefault(),
    },
  };
}
