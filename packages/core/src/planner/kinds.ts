import type { Arranger } from './arrange.js';
import type { Job, Situation } from './situation.js';
import { allowsTimes, stylesOf, type Style } from './styles.js';

/** A program to be, before its stations are chosen. */
export interface Kind {
  readonly style: Style;
  /** Where plantings are kept apart: the one that this program waters. */
  readonly plant: string | null;
  /** The stations that it could water. */
  readonly allowed: ReadonlySet<number>;
}

const plantOf = ({ station }: Job): string => station.plant ?? 'unknown';
export const plantsOf = ({ jobs }: Situation): Set<string> => new Set(jobs.map(plantOf));

/** More sets than these are not looked for. */
const MOST_COVERS = 6000;

/** The programs that are possible; `isApart`: each for one plant alone. */
export function kindsOf(situation: Situation, isApart: boolean, arranger: Arranger): Kind[] {
  const plants = isApart ? [...plantsOf(situation)] : [null];
  return plants.flatMap((plant) =>
    stylesOf(situation).flatMap((style): Kind[] => {
      const allowed = situation.jobs.filter(
        (job) =>
          (plant === null || plantOf(job) === plant) &&
          allowsTimes(job, style) &&
          arranger.allows(job, style),
      );
      return allowed.length > 0
        ? [{ style, plant, allowed: new Set(allowed.map(({ index }) => index)) }]
        : [];
    }),
  );
}

/** Every set of so many kinds, repeats included, in which each station finds one. */
export function coversOf(jobs: readonly Job[], kinds: readonly Kind[], programs: number) {
  const covers: Kind[][] = [];
  const seen = new Set<string>();
  let isWhole = true;
  const grow = (chosen: readonly number[]): void => {
    if (covers.length >= MOST_COVERS) {
      isWhole = false;
      return;
    }
    const open = jobs.find(({ index }) => !chosen.some((kind) => kinds[kind]!.allowed.has(index)));
    if (chosen.length === programs) {
      if (open) return;
      const key = [...chosen].sort((a, b) => a - b).join();
      if (!seen.has(key)) covers.push(chosen.map((kind) => kinds[kind]!));
      seen.add(key);
      return;
    }
    kinds.forEach((kind, index) => {
      if (!open || kind.allowed.has(open.index)) grow([...chosen, index]);
    });
  };
  grow([]);
  return { covers, isWhole };
}
