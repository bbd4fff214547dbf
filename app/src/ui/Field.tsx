import { View } from '@tamagui/core';
import type { CSSProperties, HTMLInputTypeAttribute, Ref } from 'react';
import { useId } from 'react';
import { TEXT_FAMILY } from './families';
import { Words } from './text';
import { usePalette } from './usePalette';

export interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
  readonly problem?: string;
  readonly hint?: string;
  readonly type?: HTMLInputTypeAttribute;
  readonly autoComplete?: string;
  readonly inputMode?: 'text' | 'decimal' | 'numeric' | 'email';
  readonly inputRef?: Ref<HTMLInputElement>;
  /** Lines that are shown of a longer text; one when it is not said. */
  readonly lines?: number;
}

/** A typed field, for the desk: label, input, and the problem right under it. */
export function Field({
  label,
  value,
  onChange,
  onBlur,
  problem,
  hint,
  type = 'text',
  autoComplete,
  inputMode,
  inputRef,
  lines = 1,
}: FieldProps) {
  const palette = usePalette();
  const id = useId();
  const shared = {
    id,
    value,
    onBlur,
    'aria-invalid': Boolean(problem),
    'aria-describedby': problem || hint ? `${id}-note` : undefined,
  };
  const style: CSSProperties = {
    minHeight: 48,
    padding: '8px 12px',
    font: `400 17px ${TEXT_FAMILY}`,
    color: palette.ink,
    background: palette.raised,
    border: `1.5px solid ${problem ? palette.accent : palette.slate}`,
    borderRadius: 12,
    width: '100%',
    boxSizing: 'border-box',
  };
  return (
    <View gap="$1">
      <label htmlFor={id} style={{ font: `400 15px ${TEXT_FAMILY}`, color: palette.soft }}>
        {label}
      </label>
      {lines > 1 ? (
        <textarea
          {...shared}
          rows={lines}
          onChange={(event) => onChange(event.target.value)}
          style={{ ...style, resize: 'vertical' }}
        />
      ) : (
        <input
          {...shared}
          ref={inputRef}
          type={type}
          inputMode={inputMode}
          autoComplete={autoComplete}
          onChange={(event) => onChange(event.target.value)}
          style={style}
        />
      )}
      {problem || hint ? (
        <Words
          id={`${id}-note`}
          small
          accent={Boolean(problem)}
          soft={!problem}
          role={problem ? 'alert' : undefined}
        >
          {problem ?? hint}
        </Words>
      ) : null}
    </View>
  );
}
