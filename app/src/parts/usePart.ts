import { useEffect } from 'react';
import { useStore } from '../data/store';
import type { Part, PartState } from './createPart';

const TRY_AGAIN_MS = 5000;

/** A part that a screen needs now: fetched, and while it cannot be had, asked for again and again. */
export function usePart<T>(part: Part<T>): PartState<T> {
  const state = useStore(part.state);
  const { status } = state;
  const { fetch } = part;
  useEffect(fetch, [fetch]);
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
