import { CloseCircleFilled } from '@ant-design/icons';
import type { OverlapBehaviour } from '@water-clock/core/timer-kinds';
import { Button } from 'antd';
import type { BoardModel } from '../../board/board-model';
import {
  collisionGroups,
  whatHappens,
  whatTheTimerDoes,
  type CollisionGroup,
} from '../../board/collision-words';
import { dateAndTime, lengthInWords } from '@water-clock/core/words';

interface CollisionListProps {
  readonly model: BoardModel;
  readonly overlap: OverlapBehaviour;
  readonly hasRuns: boolean;
  readonly onShow: (group: CollisionGroup) => void;
}

/** Every pair of starts that collides in these nights: when first, how long, what comes of it. */
export function CollisionList({ model, overlap, hasRuns, onShow }: CollisionListProps) {
  const groups = collisionGroups(model);
  return (
    <section className="collision-list" aria-label="Collisions">
      <h2>Collisions{groups.length > 0 && ` · ${groups.length}`}</h2>
      {groups.length === 0 && (
        <p>
          {hasRuns
            ? 'None in these nights. Drag a run, or change a number, and watch this place.'
            : 'Nothing can collide yet. A program waters once it has a start, water days and minutes for a station.'}
        </p>
      )}
      <ul>
        {groups.map((group) => {
          const { first, nights, key } = group;
          return (
            <li key={key}>
              <CloseCircleFilled aria-hidden="true" />
              <div>
                <strong>
                  {dateAndTime(first.b.nominal)}, {lengthInWords(first.seconds)}
                  {nights > 1 && ` · ${nights} nights of ${model.nights.length}`}
                </strong>
                <br />
                {whatHappens(first)} {whatTheTimerDoes(first, overlap)}
              </div>
              <Button size="small" onClick={() => onShow(group)}>
                Show night
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
