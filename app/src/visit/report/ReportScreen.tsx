import { fhirBundle } from '@taxikine/core/exchange/export/fhirBundle';
import { measuresCsv } from '@taxikine/core/exchange/export/measuresCsv';
import { sessionReport, type SessionReport } from '@taxikine/core/exchange/report/sessionReport';
import { clockWords } from '@taxikine/core/foundation/words/clockWords';
import { View } from '@tamagui/core';
import { useMemo, type ReactNode } from 'react';
import { useCoach } from '../../data/session';
import { useFile } from '../../data/useFile';
import { useTrace, useVisit, type OpenVisit } from '../../data/useVisit';
import { saveFile } from '../../data/saveFile';
import { PaperFrame } from './PaperFrame';
import { ReportTable } from './ReportTable';
import { setupWords } from '../steps/setupWords';
import { Button } from '../../ui/Button';
import { Title, Words } from '../../ui/text';
import { useWide } from '../../ui/useWide';
import { LooksLaidOver } from '../verdict/LooksLaidOver';
import { useText } from '../../words/useText';
import { when } from '../../words/when';
import { NotThere } from '../../frame/NotThere';
import { Waiting } from '../../frame/Waiting';

/** One page of a visit that a client or a clinician can read, and the same in open formats. */
export function ReportScreen({ clientId, visitId }: { clientId: string; visitId: string }) {
  const file = useFile(clientId);
  const open = useVisit(file.data, visitId);
  if (!file.data) return <Waiting error={file.error} onRetry={() => void file.refetch()} />;
  return open ? <OpenReport open={open} /> : <NotThere />;
}

function OpenReport({ open }: { open: OpenVisit }) {
  const t = useText();
  const { file, visit } = open;
  const { client } = visit;
  const found = useTrace(visit);
  const report = useMemo(() => sessionReport(visit, found), [visit, found]);
  const name = `${visit.visit.pattern}-${visit.visit.openedOn.slice(0, 10)}`;
  const saveFhir = () =>
    saveFile(
      `session-${name}.fhir.json`,
      'application/fhir+json',
      `${JSON.stringify(fhirBundle(visit, new Date().toISOString()), null, 2)}\n`,
    );
  return (
    <PaperFrame
      title={t('report.title')}
      note={client.name}
      back={`/clients/${client.id}/visits/${visit.visit.id}`}
      pdf={{ path: `/visits/${visit.visit.id}/report.pdf`, name: `session-${name}` }}
      buttons={
        <>
          <Button tight label={t('report.fhir')} onPress={saveFhir} />
          <Button
            tight
            label={t('report.csv')}
            onPress={() => saveFile(`measures-${name}.csv`, 'text/csv', measuresCsv(file))}
          />
        </>
      }
    >
      <Sheet open={open} report={report} />
    </PaperFrame>
  );
}

/** The page itself, on paper whatever the screen is. */
function Sheet({ open, report }: { open: OpenVisit; report: SessionReport }) {
  const t = useText();
  const { width } = useWide();
  const { practice } = useCoach();
  const { visit } = open;
  const { client, first } = visit;
  return (
    <View
      data-report
      gap="$4"
      padding="$4"
      maxWidth={820}
      width="100%"
      alignSelf="center"
      backgroundColor="$paper"
    >
      <View gap="$1">
        <Title big aria-level={1}>
          {client.name}
        </Title>
        <Words>
          {t('report.by', {
            practice: practice.name,
            on: `${t(`patterns.${visit.visit.pattern}`)}, ${when(visit.visit.openedOn)}`,
          })}
        </Words>
        {first ? (
          <Words small soft>
            {setupWords(first.setup, t)}
          </Words>
        ) : null}
      </View>
      <LooksLaidOver visit={visit} width={Math.min(width, 780)} />
      <Part title={t('report.seen')}>
        {report.seen.length > 0 ? (
          <ReportTable lines={report.seen} label={t('report.seen')} />
        ) : (
          <Words soft>{t('report.seenNothing')}</Words>
        )}
      </Part>
      {report.measured.length > 0 ? (
        <Part title={t('report.measured')}>
          <ReportTable lines={report.measured} label={t('report.measured')} />
        </Part>
      ) : null}
      <Part title={t('report.causes')}>
        {report.causes.length === 0 ? <Words soft>{t('report.causesNone')}</Words> : null}
        {report.causes.map(({ key, consistentWith, p, given }) => (
          <Words key={key}>
            {consistentWith} ({given ? t('report.given') : p})
          </Words>
        ))}
      </Part>
      <Part title={t('report.drills')}>
        {report.drills.length === 0 ? <Words soft>{t('report.drillsNone')}</Words> : null}
        {report.drills.map((drill) => (
          <DrillDone key={drill.key} drill={drill} />
        ))}
      </Part>
      <View gap="$1" borderTopWidth={1} borderColor="$rule" paddingTop="$3">
        {report.cautions.map((caution) => (
          <Words key={caution} small soft>
            {caution}
          </Words>
        ))}
      </View>
    </View>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section style={{ display: 'flex', flexDirection: 'column', gap: 6 }}>
      <Title small aria-level={2}>
        {title}
      </Title>
      {children}
    </section>
  );
}

function DrillDone({ drill }: { drill: SessionReport['drills'][number] }) {
  const t = useText();
  const { name, side, dose, status, sets, seconds, pain, keep } = drill;
  const time = clockWords(seconds);
  const rest = [
    pain ? t('report.pain', { score: pain }) : null,
    keep ? t(`report.kept.${keep}`) : null,
  ].filter(Boolean);
  return (
    <Words>
      <Words bold>{side ? `${name}, ${t(side)}` : name}</Words>
      {': '}
      {[t('report.drill', { dose, status: t(`work.status.${status}`), sets, time }), ...rest].join(
        ' · ',
      )}
    </Words>
  );
}
