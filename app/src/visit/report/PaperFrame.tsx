import { Theme, View } from '@tamagui/core';
import type { Href } from 'expo-router';
import type { ReactNode } from 'react';
import { useUnsent } from '../../data/useFile';
import { Header } from '../../frame/Header';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/text';
import { useText } from '../../words/useText';
import { PRINT_RULES } from './printRules';
import { useMadeFile } from '../../data/useMadeFile';

export interface PaperFrameProps {
  readonly title: string;
  readonly note: string;
  readonly back: Href;
  /** Where the server hands it out as a PDF, and under what name it is kept. */
  readonly pdf: { readonly path: string; readonly name: string };
  /** What else can be done with it. */
  readonly buttons: ReactNode;
  /** The page itself, on paper whatever the screen is. */
  readonly children: ReactNode;
}

/** Something to print: the page, and above it what is done with it, which is not printed. */
export function PaperFrame({ title, note, back, pdf, buttons, children }: PaperFrameProps) {
  const t = useText();
  const made = useMadeFile(pdf.path, pdf.name);
  const unsent = useUnsent();
  return (
    <View flex={1} minHeight={0} height="100%">
      <style>{PRINT_RULES}</style>
      <View data-screen-only>
        <Header title={title} note={note} back={back} />
        <View flexDirection="row" flexWrap="wrap" gap="$2" padding="$3">
          <Button kind="main" tight label={t('report.print')} onPress={() => window.print()} />
          <Button
            tight
            label={t(made.busy ? 'report.making' : 'report.pdf')}
            off={made.busy}
            onPress={made.save}
          />
          {buttons}
        </View>
        {made.state === 'slow' || made.state === 'later' ? (
          <Words paddingHorizontal="$3" small role="status">
            {t(made.state === 'slow' ? 'report.pdfSlow' : 'report.pdfLater')}
          </Words>
        ) : null}
        {made.state === 'failed' ? (
          <Words paddingHorizontal="$3" accent role="alert">
            {t('report.pdfFailed')}
          </Words>
        ) : null}
        {unsent > 0 ? (
          <Words paddingHorizontal="$3" small>
            {t('report.unsent')}
          </Words>
        ) : null}
      </View>
      <View
        flex={1}
        minHeight={0}
        role="main"
        tabIndex={0}
        aria-label={title}
        style={{ overflowY: 'auto' }}
      >
        <Theme name="light">{children}</Theme>
      </View>
    </View>
  );
}
