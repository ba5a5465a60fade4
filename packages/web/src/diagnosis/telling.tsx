import {
  addSeconds,
  dayOf,
  formatDateTime,
  secondOfDay,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import type { DrawnWater } from '@water-clock/core/diagnosis';
import { Button, Checkbox, Segmented } from 'antd';
import { useState } from 'react';
import { SaidLine } from './said-line';
import { datesOf, isFull, withoutTold, withTold, type Story, type Told } from './story';
import { ToldEditor } from './told-editor';
import { ToldList } from './told-list';
import { WHAT_NAMES, type StationName } from './told-words';
import { WatchedDates } from './watched-dates';
import { WeekOfStory } from './week-of-story';
import pageStyles from '../ui/page.module.css';
import styles from './diagnosis.module.css';

const TOOLS = (['watered', 'dry', 'rain'] as const).map((value) => ({
  value,
  label: WHAT_NAMES[value],
}));
const A_QUARTER_SECONDS = 900;

interface TellingProps {
  readonly story: Story;
  readonly edit: (change: (story: Story) => Story, key?: string) => void;
  /** What a right clock shows. */
  readonly now: TimerSeconds;
  readonly stations: readonly StationName[];
  readonly water: readonly DrawnWater[];
  readonly waterIs: string;
  /** What explains it best, where anything does. */
  readonly firstCause: string | null;
  /** Something more was told. */
  readonly onTold: () => void;
}

/** What was seen: told in a line, drawn on a week, or put in field by field. */
export function Telling(props: TellingProps) {
  const { story, edit, now, stations, water, waterIs, firstCause, onTold } = props;
  const [tool, setTool] = useState<Told['what']>('watered');
  const [chosen, choose] = useState<string | null>(null);
  const dates = datesOf(story);
  const one = story.told.find(({ id }) => id === chosen);

  const tell = (told: Omit<Told, 'id'>): string | null => {
    if (isFull(story)) return null;
    const id = crypto.randomUUID();
    edit((before) => withTold(before, { ...told, id }));
    onTold();
    return id;
  };
  /** What was only pointed at may be meant more exactly. */
  const draw = (told: Omit<Told, 'id'>) => choose(tell(told));
  const remove = (id: string) => {
    edit((before) => withoutTold(before, id));
    choose(null);
  };
  const addOne = () => {
    const since = secondOfDay(now) % A_QUARTER_SECONDS;
    const to = addSeconds(now, -since);
    draw({
      ...{ what: tool, station: null, to: formatDateTime(to) },
      from: formatDateTime(addSeconds(to, -A_QUARTER_SECONDS)),
    });
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="seen">
      <h2 id="seen">What was seen</h2>
      {isFull(story) && (
        <p role="alert">
          {story.told.length} things are told, and more cannot be tried. Take one away first.
        </p>
      )}
      <SaidLine
        {...{ dates, stations }}
        today={dayOf(now)}
        onSaid={(said) => tell(said) !== null}
      />
      <div className={styles['tools']}>
        <Segmented<Told['what']>
          aria-label="What is put on the week"
          value={tool}
          options={TOOLS}
          onChange={setTool}
        />
        <Button onClick={addOne}>Add one</Button>
        <span className={pageStyles['soft']}>or drag along a day, or tap it</span>
      </div>
      <WeekOfStory
        {...{ story, dates, tool, chosen, choose, stations, water, waterIs }}
        onTell={draw}
        onChange={(told, key) => edit((before) => withTold(before, told), key)}
        onRemove={remove}
      />
      {firstCause !== null && (
        <p className={styles['to-causes']}>
          <a href="#causes">{firstCause} comes first: see why</a>
        </p>
      )}
      {one ? (
        <ToldEditor
          key={one.id}
          {...{ stations, dates }}
          told={one}
          onChange={(told) => edit((before) => withTold(before, told), `told ${told.id}`)}
          onRemove={() => remove(one.id)}
          onClose={() => choose(null)}
        />
      ) : (
        <ToldList told={story.told} stations={stations} onChoose={choose} onRemove={remove} />
      )}
      <div className={styles['watch']}>
        <WatchedDates {...{ dates, edit }} />
        <Checkbox
          checked={story.isWhole}
          onChange={({ target }) => edit((before) => ({ ...before, isWhole: target.checked }))}
        >
          Nothing else watered in all that time
        </Checkbox>
      </div>
    </section>
  );
}
