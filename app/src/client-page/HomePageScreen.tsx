import { View } from '@tamagui/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { PageBones } from '../bones/PageBones';
import { Button } from '../ui/Button';
import { Title, Words } from '../ui/text';
import '../words/homeWords';
import { useText } from '../words/useText';
import { keepPage } from './keepPage';
import { maybePageToken } from './pageToken';
import { StopPage } from './StopPage';
import { TodayPage } from './TodayPage';
import { usePage } from './usePage';

/** What the device kept is shown at once, and asked for whatever the browser thinks of the line. */
const ASKS = { defaultOptions: { queries: { networkMode: 'always', staleTime: 0 } } } as const;

/** A client's own page: opened by a link, without an account, and offline once it was open. */
export function HomePageScreen() {
  const t = useText();
  const [token] = useState(maybePageToken);
  const [queryClient] = useState(() => new QueryClient(ASKS));
  useEffect(keepPage, []);
  return token ? (
    <QueryClientProvider client={queryClient}>
      <OpenPage token={token} />
    </QueryClientProvider>
  ) : (
    <Plain title={t('page.noLink')} words={t('page.askCoach')} />
  );
}

function OpenPage({ token }: { token: string }) {
  const t = useText();
  const state = usePage(token);
  if (state.status === 'reading') return <PageBones />;
  if (state.status === 'gone') return <Plain title={state.words} words={t('page.askCoach')} />;
  if (state.status === 'no-answer')
    return (
      <Plain title={t('noAnswer')} words={t('page.firstTime')}>
        <Button label={t('tryAgain')} onPress={() => window.location.reload()} />
      </Plain>
    );
  const { page, entries } = state;
  const unheard = entries.flatMap((entry) => (entry.kind === 'safety' ? entry.positives : []));
  if (page.stop.length > 0 || unheard.length > 0)
    return (
      <StopPage practice={page.practice} stop={page.stop} unheard={unheard} unsent={state.unsent} />
    );
  if (!page.plan)
    return (
      <Plain title={t('page.noPlan', { practice: page.practice })} words={t('page.askCoach')} />
    );
  return <TodayPage {...state} plan={page.plan} />;
}

/** A page with nothing to do on it. */
function Plain({
  title,
  words,
  children,
}: {
  title: string;
  words?: string;
  children?: React.ReactNode;
}) {
  return (
    <View render="main" padding="$5" gap="$3" maxWidth={620}>
      <Title aria-level={1}>{title}</Title>
      {words ? <Words>{words}</Words> : null}
      {children ? <View flexDirection="row">{children}</View> : null}
    </View>
  );
}
