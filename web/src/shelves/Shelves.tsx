import { useVirtualizer } from '@tanstack/react-virtual';
import { type KeyboardEvent, type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import { layShelves, neighbour, type Reach, type ShelfGroup } from './layout';
import { ShelfRowView } from './ShelfRowView';

type Props = {
  label: string;
  groups: readonly ShelfGroup[];
  active: string | null;
  selected: ReadonlySet<string>;
  /** A piece was pointed at or reached by an arrow; the second says that several are being taken. */
  onActivate: (id: string, reach: Reach) => void;
  onToggle: (id: string) => void;
  /** What hangs under a piece. */
  tag?: (id: string) => ReactNode;
  describe: (id: string) => string;
  scale?: number;
  hasTags?: boolean;
};

const SCALE = 4.2;
const LEDGE = 18;
const TAGS = 34;

/** Pieces standing on shelves at true relative scale. Only the shelves in sight are drawn, so thousands of pieces stay smooth. */
export function Shelves({ label, groups, active, selected, onActivate, onToggle, tag, describe, scale = SCALE, hasTags = true }: Props) {
  const scroller = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const element = scroller.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? 0)));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const rows = useMemo(() => (width === 0 ? [] : layShelves(groups, width - 22, width < 520 ? 3.2 : scale)), [groups, width, scale]);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => (rows[i]?.height ?? 80) + LEDGE + (hasTags ? TAGS : 8),
    overscan: 3,
    getItemKey: (i) => rows[i]?.key ?? i,
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: sizes follow from the rows
  useEffect(() => virtual.measure(), [rows]);
  const reveal = (id: string) => {
    const row = rows.findIndex((one) => one.segments.some((segment) => segment.slots.some((slot) => slot.item.id === id)));
    if (row >= 0) virtual.scrollToIndex(row, { align: 'auto' });
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of the active piece scrolls
  useEffect(() => {
    if (active) reveal(active);
  }, [active]);
  const handleKey = (event: KeyboardEvent) => {
    if (['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End'].includes(event.key)) {
      event.preventDefault();
      const next = neighbour(rows, active, event.key);
      if (next) onActivate(next, event.shiftKey ? 'adding' : 'passing');
    }
    if (event.key === ' ' && active) {
      event.preventDefault();
      onToggle(active);
    }
  };

  return (
    <div
      ref={scroller}
      role="listbox"
      aria-label={label}
      aria-multiselectable="true"
      aria-activedescendant={active ? `piece-${active}` : undefined}
      tabIndex={0}
      onKeyDown={handleKey}
      className="scroller h-full overflow-y-auto overflow-x-hidden"
      data-testid="shelves"
    >
      <div style={{ height: virtual.getTotalSize(), position: 'relative' }} role="presentation">
        {virtual.getVirtualItems().map((item) => {
          const row = rows[item.index];
          return (
            row && (
              <div key={item.key} role="presentation" style={{ position: 'absolute', top: item.start, left: 0, right: 0, height: item.size }}>
                <ShelfRowView
                  row={row}
                  scale={width < 520 ? 3.2 : scale}
                  isMoving={virtual.isScrolling}
                  active={active}
                  selected={selected}
                  onActivate={onActivate}
                  onToggle={onToggle}
                  tag={tag}
                  describe={describe}
                />
              </div>
            )
          );
        })}
      </div>
    </div>
  );
}
