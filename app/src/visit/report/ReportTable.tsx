import type { ReportLine } from '@taxikine/core/exchange/report/sessionReport';
import { Words } from '../../ui/text';
import { usePalette } from '../../ui/usePalette';
import { useText } from '../../words/useText';
import { ours } from '../../words/units';

/** Before, after and verdict, a row each: a table to screen readers and to a printer. */
export function ReportTable({ lines, label }: { lines: readonly ReportLine[]; label: string }) {
  const t = useText();
  const palette = usePalette();
  const cell = {
    textAlign: 'left',
    verticalAlign: 'top',
    padding: '5px 10px 5px 0',
    borderTop: `1px solid ${palette.rule}`,
  } as const;
  const head = ['what', 'before', 'after', 'verdict'] as const;
  return (
    <table aria-label={label} style={{ width: '100%', borderCollapse: 'collapse' }}>
      <thead>
        <tr>
          {head.map((key) => (
            <th key={key} scope="col" style={{ ...cell, borderTop: 'none' }}>
              <Words tiny soft>
                {t(`report.${key}`)}
              </Words>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {lines.map(({ key, what, before, after, word, sure }) => (
          <tr key={key}>
            <th scope="row" style={cell}>
              <Words small bold>
                {what}
              </Words>
            </th>
            <td style={cell}>
              <Words small>{ours(before)}</Words>
            </td>
            <td style={cell}>
              <Words small soft={after === null}>
                {after === null ? t('report.notAgain') : ours(after)}
              </Words>
            </td>
            <td style={cell}>
              <Words small>
                {word ? t('report.sure', { word: t(`verdict.${word}`), p: sure }) : ''}
              </Words>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
