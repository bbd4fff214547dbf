import type { ReactNode } from 'react';
import { ScreenBones } from '../bones/ScreenBones';
import { Refused } from '../data/api';
import { NotThere } from './NotThere';
import { Unreachable } from './Unreachable';

export interface WaitingProps {
  readonly error: unknown;
  readonly onRetry: () => void;
  /** The bones that stood there while the screen itself was fetched. */
  readonly bones?: ReactNode;
}

/** While a file is being read: bones of the page; or why it is not there. */
export function Waiting({ error, onRetry, bones = <ScreenBones /> }: WaitingProps) {
  if (error instanceof Refused && (error.status === 404 || error.status === 422))
    return <NotThere />;
  if (error) return <Unreachable onRetry={onRetry} />;
  return bones;
}
