import type { CaseDocument } from '@taxikine/core/exchange/case/caseDocument';
import { caseFileFrom } from '@taxikine/core/exchange/case/caseFileFrom';
import { leavableFindings } from '@taxikine/core/inference/trace/leaveOut';
import { maybeTrace } from '@taxikine/core/inference/trace/maybeTrace';
import { capital } from '@taxikine/core/foundation/words/fill';
import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import { IgnoredList } from '../../visit/trace/IgnoredList';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { ours } from '../../words/units';

export interface CasePreviewProps {
  readonly document: CaseDocument;
  readonly onClose: () => void;
  readonly onMake: (name: string) => void;
}

/** What a case file holds, before anything is made of it; it names nobody, so the coach does. */
export function CasePreview({ document, onClose, onMake }: CasePreviewProps) {
  const t = useText();
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const { heightM, massKg, refer } = document.client;
  const { pattern } = document.look;
  const file = useMemo(() => caseFileFrom(document), [document]);
  const findings = useMemo(() => leavableFindings(file), [file]);
  const found = useMemo(() => maybeTrace(file), [file]);
  const make = () => {
    setTried(true);
    if (name.trim()) onMake(name.trim());
  };
  return (
    <Sheet title={t('caseFile.title')} open onClose={onClose}>
      <Words>
        {t(`patterns.${pattern}`)} · {ours(`${heightM.toFixed(2)} m · ${massKg} kg`)}
      </Words>
      <View gap="$1">
        {findings.map(({ key, words }) => (
          <Words key={key} small>
            {capital(ours(words))}
          </Words>
        ))}
        {findings.length === 0 ? <Words soft>{t('caseFile.empty')}</Words> : null}
      </View>
      {found ? (
        <IgnoredList ignored={found.ignored} />
      ) : (
        <Words role="alert">{t('trace.impossible')}</Words>
      )}
      {refer.length > 0 ? <Words bold>{t('caseFile.refer')}</Words> : null}
      <Words small soft>
        {t('caseFile.gate')}
      </Words>
      <Field
        label={t('caseFile.name')}
        value={name}
        onChange={setName}
        problem={tried && !name.trim() ? t('caseFile.noName') : undefined}
      />
      <Button kind="main" label={t('caseFile.make')} onPress={make} />
    </Sheet>
  );
}
