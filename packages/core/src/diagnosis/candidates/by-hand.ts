import { asTimerSeconds, dayOf, addSeconds } from '../../civil-time/index.js';
import { factsOf, runAlone } from '../../engine/index.js';
import { groupBy } from '../../kernel/index.js';
import { flowsBeside, type FaultOf, type HandPiece, type HandRun } from '../../faults/index.js';
import { scoreOf, someOf, type Candidate, type Case } from '../candidate.js';
import type { Sighting } from '../what-holds.js';

const A_MINUTE = 60;
const MOST_MINUTES_OF_ALL = 60;
/** Of a station that nobody named, so many are tried. */
const MOST_UNNAMED = 12;
/** People see water after it began. */
const EARLIER_SECONDS = [0, 5 * A_MINUTE];
const LONGER_SECONDS = [0, 10 * A_MINUTE];

type Hand = Omit<FaultOf<'by-hand'>, 'code'>;

/** One run by hand, of a station, a program or all, at a time at which water was seen that nothing set explains. */
export function byHand(one: Case): Candidate[] {
  let best: Candidate | null = null;
  for (const hand of handRuns(one)) {
    const fault = { code: 'by-hand' as const, ...hand };
    if (best && mostOf(one, hand) <= scoreOf(best.fit)) continue;
    const fit = one.beside(flowsBeside(one.believed, fault));
    if (!best || scoreOf(fit) > scoreOf(best.fit)) best = { fault, fit };
  }
  return best ? [best] : [];
}

/** More than this it cannot score: all that its water touches of what was seen and not explained. */
function mostOf({ asSet, unexplained }: Case, { at, pieces }: Hand): number {
  const touched = unexplained.filter(({ station, from, to }) =>
    pieces.some(
      (piece) =>
        (station === null || station === piece.station) &&
        at + piece.fromSeconds <= Math.max(from, to) &&
        at + piece.toSeconds >= Math.min(from, to),
    ),
  );
  return scoreOf(asSet) + touched.length;
}

function* handRuns(one: Case): Generator<Hand> {
  for (const sighting of someOf(one.unexplained)) {
    yield* stationsAt(one, sighting);
    yield* programsAt(one, sighting);
    yield* allAt(one, sighting);
  }
}

function stationsOf({ believed }: Case, { station }: Sighting): readonly number[] {
  if (station !== null) return [station];
  return believed.plan.stations.slice(0, MOST_UNNAMED).map(({ number }) => number);
}

/** From when it was seen to when it, or what was seen after it within the hour, was over. */
function* stationsAt(one: Case, sighting: Sighting): Generator<Hand> {
  const { from } = sighting.said;
  const ends = one.unexplained
    .map(({ said }) => said.to)
    .filter((to) => to >= sighting.said.to && to - from <= MOST_MINUTES_OF_ALL * A_MINUTE);
  for (const station of stationsOf(one, sighting))
    for (const earlier of EARLIER_SECONDS)
      for (const longer of LONGER_SECONDS)
        for (const end of new Set([sighting.said.to, ...ends])) {
          const seconds = Math.max(A_MINUTE, end - from + earlier + longer);
          yield {
            run: { of: 'station', station },
            at: addSeconds(from, -earlier),
            pieces: [{ station, fromSeconds: 0, toSeconds: seconds }],
          };
        }
}

/** So that one of its pieces is where water was seen. */
function* programsAt({ believed }: Case, sighting: Sighting): Generator<Hand> {
  const { plan, offSeconds } = believed;
  for (const program of plan.programs) {
    const facts = factsOf(dayOf(addSeconds(sighting.said.from, offSeconds)));
    const { shape } = runAlone(plan, program, facts);
    const run: HandRun = { of: 'program', program: program.id };
    for (const pieces of [shape.pieces, withoutWaits(shape.pieces)])
      for (const piece of piecesMeant(sighting, pieces))
        for (const at of begins(sighting, piece)) yield { run, at: asTimerSeconds(at), pieces };
  }
}

/** By hand some timers wait for nothing: each station is on at a stretch, one after the other. */
function withoutWaits(pieces: readonly HandPiece[]): HandPiece[] {
  let at = 0;
  return [...groupBy(pieces, ({ station }) => station)].map(([station, own]) => {
    const fromSeconds = at;
    at += own.reduce((sum, piece) => sum + piece.toSeconds - piece.fromSeconds, 0);
    return { station, fromSeconds, toSeconds: at };
  });
}

/** Those that may be what was seen; of a station that nobody named all of them together too. */
function piecesMeant({ station }: Sighting, pieces: readonly HandPiece[]): readonly HandPiece[] {
  if (station !== null) return pieces.filter((piece) => piece.station === station);
  const end = Math.max(0, ...pieces.map(({ toSeconds }) => toSeconds));
  return [{ station: 0, fromSeconds: 0, toSeconds: end }, ...pieces];
}

/** When it began, if a piece of it was seen: as the piece began, as it ended, and between the two. */
function begins({ said }: Sighting, { fromSeconds, toSeconds }: HandPiece): Set<number> {
  const first = said.from - fromSeconds;
  const last = said.to - toSeconds;
  return new Set([first, last, Math.round((first + last) / 2)]);
}

/** All stations by number, each as long as makes the one that was seen water then. */
function* allAt({ believed, unexplained }: Case, sighting: Sighting): Generator<Hand> {
  const { stations, controller } = believed.plan;
  const numbers = stations
    .filter(({ enabled }) => enabled)
    .map(({ number }) => number)
    .sort((a, b) => a - b);
  if (numbers.length < 2 || unexplained.length < 2) return;
  const places = numbers.flatMap((number, place) =>
    sighting.station === null || sighting.station === number ? [place] : [],
  );
  for (let minutes = 1; minutes <= MOST_MINUTES_OF_ALL; minutes++) {
    const seconds = minutes * A_MINUTE;
    for (const turn of new Set([seconds + controller.stationDelaySeconds, seconds])) {
      const pieces = numbers.map((station, place) => ({
        ...{ station, fromSeconds: place * turn, toSeconds: place * turn + seconds },
      }));
      for (const place of places)
        yield {
          run: { of: 'all', seconds },
          at: addSeconds(sighting.said.from, -place * turn),
          pieces,
        };
    }
  }
}
