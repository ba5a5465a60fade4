import { useId, type CSSProperties } from 'react';

interface HatchProps {
  readonly id: string;
  /** Between two lines. */
  readonly gap: number;
  readonly leans?: 'left' | 'right';
  readonly className: string;
}

/** Lines across what must not be told by its colour alone; the class says of which colour, how thick. */
export function Hatch({ id, gap, leans = 'right', className }: HatchProps) {
  return (
    <defs>
      <pattern
        id={id}
        width={gap}
        height={gap}
        patternUnits="userSpaceOnUse"
        patternTransform={`rotate(${leans === 'right' ? 45 : -45})`}
      >
        <line className={className} x1="0" y1="0" x2="0" y2={gap} />
      </pattern>
    </defs>
  );
}

/** An id for a hatch of this drawing, and the style of the drawing by which `fill: var(--hatch)` is that hatch. */
export function useHatch(name = '--hatch'): { readonly id: string; readonly style: CSSProperties } {
  const id = useId();
  return { id, style: { [name]: `url('#${id}')` } };
}
