import { caseDocumentOf } from '@taxikine/core/exchange/case/caseDocumentOf';
import type { VisitFile } from '@taxikine/core/inference/case/visitFile';
import { saveFile } from '../../data/saveFile';
import { Button } from '../../ui/Button';
import { useText } from '../../words/useText';

/** Hands out the visit as a case file. It names nobody. */
export function SaveCase({ visit }: { visit: VisitFile }) {
  const t = useText();
  const save = () =>
    saveFile(
      `case-${visit.visit.pattern}-${visit.visit.openedOn.slice(0, 10)}.json`,
      'application/json',
      `${JSON.stringify(caseDocumentOf(visit), null, 2)}\n`,
    );
  return <Button label={t('caseFile.save')} tight onPress={save} />;
}
