import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, type ReactNode } from 'react';

export interface VirtualRow {
  readonly key: string;
  /** About how high it is, in pixels; measured once it is there. */
  readonly height: number;
  readonly render: () => ReactNode;
}

export interface VirtualRowsProps {
  readonly rows: readonly VirtualRow[];
  /** Called when the end is near. */
  readonly onEnd: () => void;
  /** What a screen reader calls it. */
  readonly label: string;
  readonly padding: number;
}

/** So many rows beyond the edge are there before they are seen. */
const OVERSCAN = 5;
const NEAR_END = 8;

/** A list of any length: only the rows in sight and some around them are there. */
export function VirtualRows({ rows, onEnd, label, padding }: VirtualRowsProps) {
  const scroller = useRef<HTMLDivElement>(null);
  // Its functions read the latest state by themselves: nothing here is kept from an earlier pass.
  // eslint-disable-next-line react-hooks/incompatible-library
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => rows[i].height,
    getItemKey: (i) => rows[i].key,
    overscan: OVERSCAN,
    // Until it is measured: the first rows are drawn with the screen, and not once more all at once.
    initialRect: { width: window.innerWidth, height: window.innerHeight },
    paddingStart: padding,
    paddingEnd: padding,
  });
  const shown = list.getVirtualItems();
  const last = shown.at(-1)?.index ?? 0;
  useEffect(() => {
    if (rows.length > 0 && last >= rows.length - NEAR_END) onEnd();
  }, [last, rows.length, onEnd]);
  return (
    <div
      ref={scroller}
      role="region"
      aria-label={label}
      tabIndex={0}
      style={{
        height: '100%',
        overflowY: 'auto',
        padding: `0 ${padding}px`,
        boxSizing: 'border-box',
      }}
    >
      <div style={{ height: list.getTotalSize(), position: 'relative' }}>
        {shown.map(({ key, index, start }) => (
          <div
            key={key}
            ref={list.measureElement}
            data-index={index}
            style={{
              position: 'absolute',
              top: 0,
              left: 0,
              right: 0,
              transform: `translateY(${start}px)`,
            }}
          >
            {rows[index].render()}
          </div>
        ))}
      </div>
    </div>
  );
}
