import type { QueryClient } from '@tanstack/react-query';
import { followStream, type Told } from './changeStream';
import { oneOfTabs } from './oneOfTabs';
import { changeTaker } from './takeChanges';

/** Shows what other devices write while the app is looked at: one tab listens for all. Returns what ends it. */
export const followChanges = (client: QueryClient, coachId: string): (() => void) =>
  oneOfTabs<Told>(`taxikine-changes-${coachId}`, followStream, changeTaker(client));
