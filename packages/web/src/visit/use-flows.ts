import { useQuery } from '@tanstack/react-query';
import { judgeFlows, type FlowRead, type JudgedFlow } from '@water-clock/core/flows';
import type { StationEntry, VisitEntry } from '@water-clock/core/visits';
import { useMemo } from 'react';
import { stationsSeenQuery } from '../api/visits';
import type { OpenVisit } from '../timer-records/use-visit';

/** What a station took at a visit, and what that says. */
export interface FlowAt extends JudgedFlow {
  /** When the visit began. */
  readonly at: string;
}

/** How coarse a flow is of which nobody said it, in litres a minute. */
const USUAL_STEP_LPM = 0.5;

const readOf = ({ station, flowLpm, flowStepLpm, isFlowNew }: StationEntry): FlowRead[] =>
  flowLpm === undefined
    ? []
    : [
        {
          ...{ station, lpm: flowLpm, stepLpm: flowStepLpm ?? USUAL_STEP_LPM },
          isNew: isFlowNew ?? false,
        },
      ];

const readsOf = (entries: readonly VisitEntry[]): FlowRead[] =>
  entries.flatMap((entry) => (entry.kind === 'station' ? readOf(entry) : []));

/**
 * What stations took at the visits before and take at this one, held against what is usual. `typed`: what is being
 * entered now.
 */
export function useFlows({ id, timerId, startedAt, visit }: OpenVisit, typed: FlowRead | null) {
  const { data } = useQuery(stationsSeenQuery(timerId));
  const before = useMemo(
    () => (data ?? []).filter((one) => one.visitId !== id && one.startedAt < startedAt),
    [data, id, startedAt],
  );
  const now = useMemo(() => {
    const kept = readsOf([...visit.stations.values()].map(({ latest }) => latest.entry));
    return typed ? [...kept.filter(({ station }) => station !== typed.station), typed] : kept;
  }, [visit, typed]);
  return useMemo(() => {
    const judged = judgeFlows([
      ...before.map(({ stations }) => readsOf(stations.map(({ entry }) => entry))),
      now,
    ]);
    const at = [...before.map((one) => one.startedAt), startedAt];
    const all = judged.flatMap(({ reads }, visitIndex) =>
      reads.map((read): FlowAt => ({ ...read, at: at[visitIndex]! })),
    );
    return { all, pressureRatio: judged.at(-1)!.pressureRatio };
  }, [before, now, startedAt]);
}
