import { setStation } from '@water-clock/core/yards';
import { counted } from '@water-clock/core/words';
import { Button } from 'antd';
import { useYardFact } from '../offline/use-yard-fact';
import type { OpenVisit } from '../timer-records/use-visit';

/** Times to run-off that were taken on the walk, put into the yard; nothing where it has them. */
export function RunOffToYard({ open }: { open: OpenVisit }) {
  const { yard, put, isPutting } = useYardFact(open.timerId, 'Not put into the yard.');
  const taken = new Map(
    [...open.visit.stations].flatMap(([number, { latest }]) =>
      latest.entry.runoffSeconds === undefined ? [] : [[number, latest.entry.runoffSeconds]],
    ),
  );
  const differing = (yard?.stations ?? []).flatMap(({ number, runoffSeconds: before }) => {
    const runoffSeconds = taken.get(number);
    return runoffSeconds === undefined || runoffSeconds === before
      ? []
      : [setStation(number, { runoffSeconds })];
  });
  if (differing.length === 0) return null;
  return (
    <Button
      loading={isPutting}
      onClick={() =>
        void put(
          (before) => differing.reduce((changed, edit) => edit(changed), before),
          'The yard has them.',
        )
      }
    >
      Put {counted(differing.length, 'time')} to run-off into the yard
    </Button>
  );
}
