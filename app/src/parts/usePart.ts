import { useEffect } from 'react';
import { useStore } from '../device/store';
import type { Part, PartState } from './createPart';

const TRY_AGAIN_MS = 5000;

type When = (act: () => void) => void | (() => void);
const atOnce: When = (act) => act();

/**
 * A part that a screen needs now: fetched, and while it cannot be had, asked for again and again.
 *
 * @param when what stands beside words and can wait for them is fetched `whenPainted`
 */
export function usePart<T>(part: Part<T>, when = atOnce): PartState<T> {
  const state = useStore(part.state);
  const { status } = state;
  const { fetch } = part;
  useEffect(() => when(fetch), [when, fetch]);
  useEffect(() => {
    if (status !== 'missing') return;
    const timer = setInterval(fetch, TRY_AGAIN_MS);
    window.addEventListener('online', fetch);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', fetch);
    };
  }, [fetch, status]);
  return state;
}
