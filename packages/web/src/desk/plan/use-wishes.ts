import {
  readWishes,
  WISHES_FORMAT,
  type Pinned,
  type StationTarget,
  type Wishes,
} from '@water-clock/core/proposals';
import { useEffect, useMemo, useState } from 'react';
import { draftOf, keepDraft } from '../../offline/drafts';
import { useSignedIn } from '../../session/use-signed-in';

/** What is wanted of a plan, beside the need. */
export interface Wanted {
  /** `HH:MM`; empty: noon. */
  readonly finishBy: string;
  readonly earliestStart: string;
  readonly headroomPercent: number;
  readonly usesIntervals: boolean;
  readonly isSeedByDay: boolean;
  /** Nothing meets the other timers of the home. */
  readonly leavesRoom: boolean;
  /** What is watered several times a day is so from `HH:MM` to `HH:MM` of a day. */
  readonly byDayFrom: string;
  readonly byDayTo: string;
}

/** What somebody typed over a target. */
export type TargetChange = Partial<
  Pick<StationTarget, 'need' | 'maxPieceSeconds' | 'minSoakSeconds'>
>;

export interface Wished {
  readonly wanted: Wanted;
  readonly changes: ReadonlyMap<number, TargetChange>;
  readonly pinned: Pinned;
}

export interface WishesOnDevice extends Wished {
  /** Somebody wishes otherwise than is usual. */
  readonly isOwn: boolean;
  readonly set: (change: (before: Wished) => Partial<Wished>) => void;
  /** Nothing is wished but what is usual. */
  readonly asUsual: () => void;
}

const NO_CHANGES: Wished['changes'] = new Map();
const NOBODY: Pinned = { programs: [], stations: [] };

/** Wishes that last over a reload and a step aside, on this device, until they are given up. */
export function useWishes(name: string, usual: Wanted): WishesOnDevice {
  const { person } = useSignedIn();
  const [own, setOwn] = useState<Wished | null>(() => {
    const kept = readWishes(draftOf(person.id, name));
    return kept && fromDocument(kept);
  });
  useEffect(() => keepDraft(person.id, name, own && toDocument(own)), [person.id, name, own]);
  const wished = useMemo(
    () => own ?? { wanted: usual, changes: NO_CHANGES, pinned: NOBODY },
    [own, usual],
  );
  return {
    ...wished,
    isOwn: own !== null,
    set: (change) =>
      setOwn((before) => {
        const now = before ?? wished;
        return { ...now, ...change(now) };
      }),
    asUsual: () => setOwn(null),
  };
}

const fromDocument = (wishes: Wishes): Wished => {
  const { finishBy = '', earliestStart = '', targets, keptPrograms, keptStations } = wishes;
  const { headroomPercent, usesIntervals, isSeedByDay, leavesRoom, byDayFrom, byDayTo } = wishes;
  return {
    wanted: {
      ...{ finishBy, earliestStart, headroomPercent, usesIntervals, isSeedByDay },
      ...{ leavesRoom, byDayFrom, byDayTo },
    },
    changes: new Map(
      targets.map(({ station, cleared, need, maxPieceSeconds, minSoakSeconds }) => [
        station,
        {
          ...(need && { need }),
          ...(maxPieceSeconds !== undefined && { maxPieceSeconds }),
          ...(minSoakSeconds !== undefined && { minSoakSeconds }),
          ...Object.fromEntries(cleared.map((field) => [field, null])),
        },
      ]),
    ),
    pinned: { programs: keptPrograms, stations: keptStations },
  };
};

function toDocument({ wanted, changes, pinned }: Wished): Wishes {
  const { finishBy, earliestStart, ...rest } = wanted;
  return {
    format: WISHES_FORMAT,
    ...rest,
    ...(finishBy && { finishBy }),
    ...(earliestStart && { earliestStart }),
    targets: [...changes].map(([station, { need, maxPieceSeconds, minSoakSeconds }]) => ({
      station,
      ...(need && { need }),
      ...(typeof maxPieceSeconds === 'number' && { maxPieceSeconds }),
      ...(typeof minSoakSeconds === 'number' && { minSoakSeconds }),
      cleared: [
        ...(maxPieceSeconds === null ? (['maxPieceSeconds'] as const) : []),
        ...(minSoakSeconds === null ? (['minSoakSeconds'] as const) : []),
      ],
    })),
    keptPrograms: [...pinned.programs],
    keptStations: [...pinned.stations],
  };
}
