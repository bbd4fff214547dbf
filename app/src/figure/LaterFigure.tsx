import { View } from '@tamagui/core';
import { useDeferredValue } from 'react';
import { Figure, type FigureProps } from './Figure';

/** A figure beside words: its room at once, itself when the words are there. */
export function LaterFigure(props: FigureProps) {
  const isLater = useDeferredValue(true, false);
  return isLater ? <Figure {...props} /> : <View width={props.width} height={props.height} />;
}
