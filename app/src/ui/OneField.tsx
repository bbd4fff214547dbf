import { View } from '@tamagui/core';
import { useState, type ReactNode } from 'react';
import { Button } from './Button';
import { Field, type FieldProps } from './Field';

export interface OneFieldProps extends Omit<FieldProps, 'value' | 'onChange'> {
  readonly go: string;
  /** What a sheet is for, rather than one thing of many on a page. */
  readonly main?: boolean;
  readonly busy?: boolean;
  readonly onGo: (typed: string) => void;
  /** What goes before the field and is not seen. */
  readonly children?: ReactNode;
}

/** One thing that is typed and sent, by the button or by Enter; nothing typed, nothing sent. */
export function OneField({ go, main, busy, onGo, children, ...field }: OneFieldProps) {
  const [typed, setTyped] = useState('');
  const off = busy || typed === '';
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!off) onGo(typed);
      }}
    >
      <View gap="$3">
        {children}
        <Field {...field} value={typed} onChange={setTyped} />
        <View flexDirection={main ? 'column' : 'row'}>
          <Button kind={main ? 'main' : undefined} submits off={off} label={go} />
        </View>
      </View>
    </form>
  );
}
