import type { ClientLine } from '@taxikine/core/reading/today/clientLine';
import { router } from 'expo-router';
import { Button } from '../ui/Button';
import { useText } from '../words/useText';
import { when } from '../words/when';
import { weekWords } from './LooseEndRow';

/** A client in the list: who, when last, and how the week at home went. */
export function ClientRow({ line }: { line: ClientLine }) {
  const t = useText();
  const { client, lastVisitOn } = line;
  const last = lastVisitOn ? t('client.since', { when: when(lastVisitOn) }) : t('home.noVisit');
  return (
    <Button
      left
      stretch
      kind="quiet"
      label={client.name}
      note={[client.about, last, weekWords(line, t)].filter(Boolean).join(' · ')}
      onPress={() => router.push(`/clients/${client.id}`)}
    />
  );
}
