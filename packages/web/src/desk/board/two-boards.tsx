import { useState } from 'react';
import type { BoardModel } from '../../computing/board-model';
import { NightBoard } from './night-board';
import { SeldomWords } from './seldom-words';
import styles from './two-boards.module.css';

interface TwoBoardsProps {
  readonly now: BoardModel;
  readonly then: BoardModel;
  /** What the second one shows. */
  readonly thenTitle: string;
}

/** The nights as they are set now, and as they would be, on the same hours. */
export function TwoBoards({ now, then, thenTitle }: TwoBoardsProps) {
  return (
    <div className={styles['boards']}>
      <OneBoard title="Set now" model={now} like={then} />
      <OneBoard title={thenTitle} model={then} like={now} />
    </div>
  );
}

interface OneBoardProps {
  readonly title: string;
  readonly model: BoardModel;
  /** Another board, on whose hours too it is drawn. */
  readonly like: BoardModel;
}

function OneBoard({ title, model, like }: OneBoardProps) {
  const [selected, setSelected] = useState<string | null>(null);
  const axis = {
    from: Math.min(model.axis.from, like.axis.from),
    to: Math.max(model.axis.to, like.axis.to),
  };
  return (
    <section className={styles['one']} aria-label={title}>
      <h3>{title}</h3>
      <NightBoard
        className={styles['board']}
        model={{ ...model, axis }}
        hasLegend={false}
        label={`${title}: fourteen nights, noon to noon`}
        selected={selected}
        onSelect={(run) => setSelected(run?.key ?? null)}
      />
      <SeldomWords {...model} />
    </section>
  );
}
