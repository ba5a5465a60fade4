import { memo, useCallback, useMemo, useState } from 'react';
import type { DayNumber } from '@water-clock/core/civil-time';
import type { BoardRun } from '../../board/board-model';
import type { CollisionGroup } from '../../board/collision-words';
import { NightBoard, type StartChoice } from '../../board/night-board';
import { RunDetails } from '../../board/run-details';
import { useBoardModel } from '../../board/use-board-model';
import { ControllerStrip } from '../../grid/controller-strip';
import { SettingsGrid } from '../../grid/settings-grid';
import { moveStart } from '../../settings/plan-edits';
import { CollisionList } from './collision-list';
import type { SettingsOnDesk } from './use-settings-on-desk';
import { VerdictBar } from './verdict-bar';

type DeskWorkProps = Pick<SettingsOnDesk, 'plan' | 'edit' | 'settle'> & {
  readonly from: DayNumber;
};

/** Settings on the left, the nights they make on the right, live with every edit. */
export const DeskWork = memo(function DeskWork({ plan, from, edit, settle }: DeskWorkProps) {
  const model = useBoardModel(plan, from);
  const [selected, setSelected] = useState<string | null>(null);

  const run = useMemo(
    () => model?.nights.flatMap((night) => night.runs).find(({ key }) => key === selected),
    [model, selected],
  );
  const stationNames = useMemo(
    () => new Map(plan.stations.map(({ number, name }) => [number, name ?? `Station ${number}`])),
    [plan.stations],
  );
  const select = useCallback((chosen: BoardRun | null) => setSelected(chosen?.key ?? null), []);
  const move = useCallback(
    ({ program, startNumber }: StartChoice, minutes: number, all: boolean, gesture: string) =>
      edit(moveStart(program, all ? 'all' : startNumber - 1, minutes), gesture),
    [edit],
  );
  const show = (group: CollisionGroup) => {
    setSelected(group.first.b.key);
    requestAnimationFrame(() =>
      document.querySelector<SVGGElement>(`[data-run="${group.first.b.key}"]`)?.focus(),
    );
  };

  return (
    <>
      <VerdictBar model={model} isOff={plan.controller.off} />
      <div className="desk-body">
        <section className="desk-settings" aria-label="Settings of the timer">
          <SettingsGrid plan={plan} totals={model?.totals ?? {}} onEdit={edit} onSettle={settle} />
          <ControllerStrip timer={plan.timer} controller={plan.controller} onEdit={edit} />
        </section>
        <section className="desk-nights" aria-label="Nights to come">
          {model && (
            <>
              <NightBoard
                model={model}
                selected={selected}
                stepMinutes={plan.timer.startStepMinutes}
                onSelect={select}
                onMove={move}
                onSettle={settle}
              />
              <div className="desk-below">
                {run && <RunDetails run={run} stationNames={stationNames} />}
                <CollisionList
                  model={model}
                  overlap={plan.timer.overlap}
                  hasRuns={plan.programs.some(({ starts, runs }) => starts.length && runs.length)}
                  onShow={show}
                />
              </div>
            </>
          )}
        </section>
      </div>
    </>
  );
});
