import { faultKey } from '@taxikine/core/knowledge/keys';
import type { Step } from '@taxikine/core/records/visits/visitRecord';
import { FaultSheet } from './FaultSheet';
import { removeFault, setFaultGrade, setFaultValue } from './lookState';
import { NotesSheet } from './NotesSheet';
import { PainSheet } from './PainSheet';
import type { LiveLookState } from './useLiveLook';

export interface LookSheetsProps {
  readonly state: LiveLookState;
  readonly onStep: (step: Step) => void;
}

/** The sheet that lies over the look, if one does. */
export function LookSheets({ state, onStep }: LookSheetsProps) {
  const { look, phase, sheet, change, close } = state;
  if (sheet?.of === 'fault') return <OpenFault state={state} />;
  if (sheet?.of === 'note')
    return (
      <NotesSheet
        notes={look.notes}
        phase={phase}
        onChange={(notes) => change((latest) => ({ ...latest, notes }))}
        onClose={close}
      />
    );
  if (sheet?.of !== 'pain') return null;
  return (
    <PainSheet
      phase={phase}
      onClose={close}
      onSave={(one) => {
        change((latest) => ({ ...latest, pain: [...latest.pain, one] }));
        close();
        if (one.score > 0) onStep('ask');
      }}
    />
  );
}

/** A fault with its grade and its number; nothing once it was taken away. */
function OpenFault({ state: { openFault, change, close } }: { state: LiveLookState }) {
  if (!openFault) return null;
  const key = faultKey(openFault);
  return (
    <FaultSheet
      fault={openFault}
      onGrade={(grade) => change((latest) => setFaultGrade(latest, key, grade))}
      onValue={(value) => change((latest) => setFaultValue(latest, key, value))}
      onRemove={() => {
        change((latest) => removeFault(latest, key));
        close();
      }}
      onClose={close}
    />
  );
}
