import { REFER_QUESTIONS, type ReferId } from '@taxikine/core/knowledge/refer';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { toggled } from '../ui/Many';
import { Sheet } from '../ui/Sheet';
import { Words } from '../ui/text';
import { useText } from '../words/useText';

/** After any pain: the stop-and-refer questions, quietly, with "none of these" as the first answer. */
export function ReferSheet({
  onSaid,
  onClose,
}: {
  onSaid: (positives: ReferId[]) => void;
  /** Closed without an answer: then nobody has asked. */
  onClose: () => void;
}) {
  const t = useText();
  const [yes, setYes] = useState<ReferId[]>([]);
  return (
    <Sheet title={t('page.refer')} open onClose={onClose}>
      <Words>{t('page.referLead')}</Words>
      <Button
        kind="main"
        stretch
        label={t(yes.length > 0 ? 'page.referSay' : 'page.none')}
        onPress={() => onSaid(yes)}
      />
      {REFER_QUESTIONS.map(({ id, question }) => (
        <Button
          key={id}
          left
          stretch
          label={question}
          chosen={yes.includes(id)}
          onPress={() => setYes(toggled(yes, id))}
        />
      ))}
    </Sheet>
  );
}
