import { lengthInWords } from '@water-clock/core/words';
import type { BoardCollision, BoardNight, NightSpan } from '../../computing/board-model';
import { clip, type Scale } from './board-scale';
import styles from './night-board.module.css';

interface CollisionMarkProps {
  readonly collision: BoardCollision;
  readonly night: BoardNight;
  readonly axis: NightSpan;
  readonly scale: Scale;
  readonly rowHeight: number;
}

const PIXELS_A_LETTER = 7.2;
const LETTER_ROOM = 16;

/** The hatched time that two runs share, and its length in words. */
export function CollisionMark({ collision, night, axis, scale, rowHeight }: CollisionMarkProps) {
  const { from, to } = clip(collision, axis);
  const words = lengthInWords(collision.seconds);
  return (
    <g aria-hidden="true" data-collision>
      <rect
        className={styles['collision']}
        x={scale(from)}
        y={1}
        width={Math.max(4, scale(to) - scale(from))}
        height={rowHeight - 3}
      />
      <text
        className={styles['collision-words']}
        x={wordsX(collision, night, axis, scale, words.length * PIXELS_A_LETTER)}
        y={rowHeight / 2 + 4}
      >
        {words}
      </text>
    </g>
  );
}

/** Where the words of a collision stand: behind or before its runs, wherever no other run is. */
function wordsX(
  { a, b }: BoardCollision,
  night: BoardNight,
  axis: NightSpan,
  scale: Scale,
  width: number,
): number {
  const extents = night.runs.map((run) => ({
    run,
    left: scale(run.asked.from) - LETTER_ROOM,
    right: scale(Math.max(run.asked.to, run.real?.to ?? 0)),
  }));
  const own = extents.filter(({ run }) => run === a || run === b);
  const behind = Math.max(...own.map(({ right }) => right)) + 6;
  const before = Math.min(...own.map(({ left }) => left)) - width - 4;
  const isFree = (x: number) =>
    x >= scale(axis.from) &&
    x + width <= scale(axis.to) &&
    extents.every(({ left, right }) => x + width <= left || x >= right);
  return [behind, before].find(isFree) ?? Math.min(behind, scale(axis.to) - width);
}
