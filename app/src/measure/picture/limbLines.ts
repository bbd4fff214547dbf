import type { View } from '@taxikine/core/body/stance/patterns';
import type { MarkId, Marks } from '@taxikine/core/records/pictures/marks';

const SIDE: readonly (readonly [MarkId, MarkId])[] = [
  ['shoulder', 'hip'],
  ['hip', 'knee'],
  ['knee', 'ankle'],
  ['ankle', 'heel'],
  ['heel', 'toe'],
  ['ankle', 'toe'],
];

const FRONTAL: readonly (readonly [MarkId, MarkId])[] = [
  ['shoulder-left', 'shoulder-right'],
  ['hip-left', 'hip-right'],
  ...(['left', 'right'] as const).flatMap((side) => [
    [`hip-${side}`, `knee-${side}`] as const,
    [`knee-${side}`, `ankle-${side}`] as const,
  ]),
];

/** Lines between marks that are joined on a body, as SVG path data in pixels of the picture. */
export function limbLines(view: View, marks: Marks): string {
  return (view === 'side' ? SIDE : FRONTAL)
    .flatMap(([a, b]) => {
      const [from, to] = [marks[a], marks[b]];
      return from && to ? [`M${from.join(' ')}L${to.join(' ')}`] : [];
    })
    .join('');
}
