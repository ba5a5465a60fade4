const CORNERS = ['near left', 'near right', 'far left', 'far right'] as const;
type Corner = (typeof CORNERS)[number];

/** Where cups stand, seen from the house, along the rows as they were laid. */
export type DryPlace = `${Corner} corner` | `${'near' | 'far' | 'left' | 'right'} side`;

/** A corner that gets this share of the mean or less is called dry. */
const DRY_SHARE = 0.85;

/**
 * The corner, or the side with both of its corners, that gets clearly less than the mean; null where
 * none does, or where there are too few cups to have corners. The first row is the near one.
 */
export function dryPlace(millilitres: readonly number[], cupsInRow: number): DryPlace | null {
  const rows = Math.ceil(millilitres.length / cupsInRow);
  const mean = meanOf(millilitres);
  if (rows < 2 || cupsInRow < 2 || mean === 0) return null;
  const isDry = (corner: Corner) => {
    const [along, across] = corner.split(' ');
    const within = millilitres.filter((_, index) => {
      const [row, column] = [Math.floor(index / cupsInRow), index % cupsInRow];
      return (
        (along === 'near' ? isAtBegin(row, rows) : isAtEnd(row, rows)) &&
        (across === 'left' ? isAtBegin(column, cupsInRow) : isAtEnd(column, cupsInRow))
      );
    });
    return within.length > 0 && meanOf(within) <= DRY_SHARE * mean;
  };
  const dry = CORNERS.filter(isDry);
  if (dry.length === 1) return `${dry[0]!} corner`;
  const shared = (['near', 'far', 'left', 'right'] as const).find((side) =>
    dry.every((corner) => corner.split(' ').includes(side)),
  );
  return dry.length === 2 && shared ? `${shared} side` : null;
}

/** A corner is the outer third, one cup at least. */
const third = (count: number): number => Math.max(1, Math.floor(count / 3));
const isAtBegin = (place: number, count: number): boolean => place < third(count);
const isAtEnd = (place: number, count: number): boolean => place >= count - third(count);

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;
