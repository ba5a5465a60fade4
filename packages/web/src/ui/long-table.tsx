import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import { TableHead, TableNothing, TableRow, type TableProps } from './data-table';
import styles from './data-table.module.css';

interface LongTableProps<Row> extends TableProps<Row> {
  readonly total: number;
  /** Undefined where it has not come yet. */
  readonly rowAt: (index: number) => Row | undefined;
  /** Which of them are in sight, or nearly. */
  readonly onSeen: (first: number, last: number) => void;
}

/** Until it was measured. */
const ROW_PX = 72;
/** So many above and below the window are ready to be scrolled to, or read by who looks ahead. */
const READY = 8;
/** Where nobody knows how high the window is. */
const WINDOW = { width: 0, height: 800 };

/** As many rows as there may be: only those in sight are there, and the page scrolls as if all of them were. */
export function LongTable<Row>(props: LongTableProps<Row>) {
  const { label, columns, total, rowAt, onSeen, keyOf, isMarked, isCards = false, nothing } = props;
  const body = useRef<HTMLTableSectionElement>(null);
  const rows = useVirtualizer({
    ...{ count: total, overscan: READY, initialRect: WINDOW },
    getScrollElement: () => body.current?.closest('main') ?? null,
    estimateSize: () => ROW_PX,
    observeElementOffset: ({ scrollElement }, onOffset) =>
      onScrolled(scrollElement, (isScrolling) =>
        onOffset(rowsAbove(scrollElement, body.current), isScrolling),
      ),
    scrollToFn: (offset, { adjustments = 0 }, { scrollElement }) => {
      if (scrollElement)
        scrollElement.scrollTop += offset + adjustments - rowsAbove(scrollElement, body.current);
    },
  });
  const inSight = rows.getVirtualItems();
  const first = inSight[0]?.index ?? 0;
  const last = inSight.at(-1)?.index ?? 0;
  useEffect(() => {
    onSeen(first, last);
  }, [onSeen, first, last]);
  const before = inSight[0]?.start ?? 0;
  const after = rows.getTotalSize() - (inSight.at(-1)?.end ?? 0);
  return (
    // What scrolls can be scrolled by keys as well.
    <div className={styles['scroll']} tabIndex={0} role="region" aria-label={label}>
      <table
        className={styles['table']}
        data-long
        data-cards={isCards ? 'yes' : undefined}
        aria-rowcount={total + 1}
      >
        <TableHead columns={columns} />
        <tbody ref={body}>
          <Space columns={columns.length} height={before} />
          {inSight.map(({ index }) => {
            const row = rowAt(index);
            return (
              <TableRow
                key={row === undefined ? index : keyOf(row)}
                {...{ columns, row }}
                isMarked={row !== undefined && isMarked?.(row)}
                place={{ index, ref: rows.measureElement }}
              />
            );
          })}
          <Space columns={columns.length} height={after} />
          {total === 0 && <TableNothing columns={columns.length}>{nothing}</TableNothing>}
        </tbody>
      </table>
    </div>
  );
}

/** How many pixels of the rows are above the window: what stands before the first of them comes and goes. */
const rowsAbove = (page: Element | null, body: Element | null): number =>
  page && body
    ? Math.max(0, page.getBoundingClientRect().top - body.getBoundingClientRect().top)
    : 0;

/** Tells now, and whenever the page scrolls. */
function onScrolled(page: Element | null, tell: (isScrolling: boolean) => void): () => void {
  const onScroll = () => tell(true);
  const onEnd = () => tell(false);
  onEnd();
  page?.addEventListener('scroll', onScroll, { passive: true });
  page?.addEventListener('scrollend', onEnd, { passive: true });
  return () => {
    page?.removeEventListener('scroll', onScroll);
    page?.removeEventListener('scrollend', onEnd);
  };
}

/** In the place of rows that are not in sight. */
const Space = ({ columns, height }: { readonly columns: number; readonly height: number }) =>
  height > 0 && (
    <tr aria-hidden data-space>
      <td colSpan={columns} style={{ height }} />
    </tr>
  );
