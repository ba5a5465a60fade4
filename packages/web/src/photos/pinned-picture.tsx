import type { Pin } from '@water-clock/core/photos';
import { clsx } from 'clsx';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import styles from './photos.module.css';

interface PinnedPictureProps {
  readonly src: string;
  readonly alt: string;
  readonly pins: readonly Pin[];
  /** Absent where pins are looked at only. */
  readonly onPlace?: (place: Place) => void;
  readonly onMove?: (index: number, place: Place) => void;
}

export interface Place {
  readonly x: number;
  readonly y: number;
}

const STEP = 0.01;
const within = (share: number): number => Math.min(1, Math.max(0, share));
const MOVES: Readonly<Record<string, Place>> = {
  ArrowLeft: { x: -STEP, y: 0 },
  ArrowRight: { x: STEP, y: 0 },
  ArrowUp: { x: 0, y: -STEP },
  ArrowDown: { x: 0, y: STEP },
};

/** A picture with numbered pins on it: a tap places one, a drag or the arrows move it. */
export function PinnedPicture({ src, alt, pins, onPlace, onMove }: PinnedPictureProps) {
  const frame = useRef<HTMLDivElement>(null);
  const dragged = useRef<number | null>(null);
  const placeOf = ({ clientX, clientY }: PointerEvent): Place => {
    const { left, top, width, height } = frame.current!.getBoundingClientRect();
    return { x: within((clientX - left) / width), y: within((clientY - top) / height) };
  };
  const byKey = (event: KeyboardEvent, index: number, pin: Pin) => {
    const by = MOVES[event.key];
    if (!by || !onMove) return;
    event.preventDefault();
    onMove(index, { x: within(pin.x + by.x), y: within(pin.y + by.y) });
  };
  return (
    <div
      ref={frame}
      className={clsx(styles['frame'])}
      onPointerDown={(event) => {
        if (event.target instanceof HTMLImageElement) onPlace?.(placeOf(event));
      }}
      onPointerMove={(event) => {
        if (dragged.current !== null) onMove?.(dragged.current, placeOf(event));
      }}
      onPointerUp={() => (dragged.current = null)}
      onPointerCancel={() => (dragged.current = null)}
    >
      <img {...{ src, alt }} draggable={false} />
      {pins.map((pin, index) => (
        <button
          // A pin is its place in the list.
          key={index}
          type="button"
          className={styles['pin']}
          style={{ left: `${pin.x * 100}%`, top: `${pin.y * 100}%` }}
          aria-label={`Pin ${index + 1}: ${pin.words}`}
          title={pin.words}
          onPointerDown={(event) => {
            if (!onMove) return;
            dragged.current = index;
            frame.current?.setPointerCapture(event.pointerId);
          }}
          onKeyDown={(event) => byKey(event, index, pin)}
        >
          {index + 1}
        </button>
      ))}
    </div>
  );
}
