import { useEffect } from 'react';
import { useStore } from '../data/store';
import type { Part, PartState } from './createPart';

const TRY_AGAIN_MS = 5000;

/** A part that a screen needs now: fetched, and while it cannot be had, asked for again and again. */
export function usePart<T>(part: Part<T>): PartState<T> {
  const state = useStore(part.state);
  const { status } = state;
  useEffect(part.fetch, [part]);
  useEffect(() => {
    if (status !== 'missing') return;
    const timer = setInterval(part.fetch, TRY_AGAIN_MS);
    window.addEventListener('online', part.fetch);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', part.fetch);
    };
  }, [part, status]);
  return state;
}
