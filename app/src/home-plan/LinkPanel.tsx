import { linkDays } from '@taxikine/core/exchange/letters/linkDays';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { View } from '@tamagui/core';
import { useState } from 'react';
import { call } from '../data/api';
import { AddressOnce } from '../frame/AddressOnce';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import { useText } from '../words/useText';
import { when } from '../words/when';
import { addressOf } from './addressOf';

export interface ShownLink {
  readonly id: string;
  readonly purpose: 'page' | 'calendar';
  readonly madeOn: string;
  readonly expiresOn: string;
  readonly revokedOn: string | null;
}

/** The client's doors: made here, told once, closed here. Making one needs the server. */
export function LinkPanel({ clientId, weeks }: { clientId: string; weeks: number }) {
  const t = useText();
  const client = useQueryClient();
  const key = ['links', clientId];
  const links = useQuery({
    queryKey: key,
    queryFn: () => call<{ links: ShownLink[] }>('GET', `/clients/${clientId}/links`),
  });
  const [made, setMade] = useState<{ purpose: ShownLink['purpose']; address: string } | null>(null);
  const [failed, setFailed] = useState(false);
  const make = async (purpose: ShownLink['purpose']) => {
    setFailed(false);
    try {
      const days = linkDays(weeks);
      const { token } = await call<{ token: string }>('POST', `/clients/${clientId}/links`, {
        purpose,
        days,
      });
      setMade({ purpose, address: addressOf(purpose, token, window.location.origin) });
      await client.invalidateQueries({ queryKey: key });
    } catch {
      setFailed(true);
    }
  };
  const close = async (id: string) => {
    setFailed(false);
    await call('DELETE', `/clients/${clientId}/links/${id}`).catch(() => setFailed(true));
    await client.invalidateQueries({ queryKey: key });
  };
  const open = (links.data?.links ?? []).filter(
    ({ revokedOn, expiresOn }) => !revokedOn && expiresOn > new Date().toISOString(),
  );
  return (
    <View gap="$2">
      <Title small aria-level={2}>
        {t('week.links')}
      </Title>
      <Words small soft>
        {t('week.linksLead')}
      </Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button tight label={t('week.makePage')} onPress={() => void make('page')} />
        <Button tight label={t('week.makeCalendar')} onPress={() => void make('calendar')} />
      </View>
      {failed ? (
        <Words accent role="alert">
          {t('week.linkFailed')}
        </Words>
      ) : null}
      {made ? (
        <AddressOnce label={t(`week.address.${made.purpose}`)} address={made.address} />
      ) : null}
      {open.map((link) => (
        <View key={link.id} flexDirection="row" alignItems="center" gap="$3" flexWrap="wrap">
          <Words small>
            {t(`week.linkOf.${link.purpose}`, {
              made: when(link.madeOn),
              until: link.expiresOn.slice(0, 10),
            })}
          </Words>
          <Button
            kind="quiet"
            tight
            small
            label={t('week.closeLink')}
            onPress={() => void close(link.id)}
          />
        </View>
      ))}
    </View>
  );
}
