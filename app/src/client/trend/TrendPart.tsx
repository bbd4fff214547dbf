import type { ReactNode } from 'react';
import { Title } from '../../ui/text';

export interface TrendPartProps {
  readonly title: string;
  readonly width: number;
  readonly children: ReactNode;
}

/** One thing over time: its name, its drawing, and the same in words. */
export function TrendPart({ title, width, children }: TrendPartProps) {
  return (
    <section style={{ width, display: 'flex', flexDirection: 'column', gap: 6 }}>
      <Title small aria-level={2}>
        {title}
      </Title>
      {children}
    </section>
  );
}
