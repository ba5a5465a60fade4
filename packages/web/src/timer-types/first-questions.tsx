import {
  DAY_MODES,
  SEASON_MODES,
  SeasonCapability,
  START_STEPS_MINUTES,
} from '@water-clock/core/timer-types';
import { Checkbox, Radio } from 'antd';
import { OverlapTest } from './overlap-test';
import { Choice, Count, Question } from './type-fields';
import { seasonSetter, type TypeQuestionsProps } from './type-questions-props';
import { DAY_MODE_NAMES, labelsUpTo, SEASON_MODE_NAMES } from './type-words';
import styles from './type-questions.module.css';

/** The five questions that tell most timers apart. */
export function FirstQuestions(props: TypeQuestionsProps) {
  return (
    <div className={styles['type-questions']}>
      <CountQuestions {...props} />
      <ProgramQuestions {...props} />
      <DayQuestions {...props} />
      <SeasonQuestion {...props} />
      <Question title="5. What does it do with a start that comes while another program runs?">
        <OverlapTest
          value={props.timer.overlap}
          onChange={(overlap) => props.onChange({ overlap })}
        />
      </Question>
    </div>
  );
}

function CountQuestions({ timer, leastStations = 1, onChange }: TypeQuestionsProps) {
  return (
    <Question title="1. How many stations can it have?">
      <Count
        label="Stations, at most"
        value={timer.stations}
        min={leastStations}
        max={256}
        onChange={(stations) => onChange({ stations }, 'timer stations')}
      />
      <Choice
        label="Powered by"
        value={timer.power}
        options={[
          { value: 'mains', label: 'mains' },
          { value: 'battery', label: 'battery' },
        ]}
        onChange={(power) => onChange({ power })}
      />
    </Question>
  );
}

function ProgramQuestions({ timer, onChange }: TypeQuestionsProps) {
  return (
    <Question title="2. How many programs, and how many starts?">
      <Count
        label={`Programs (${timer.programs.join(', ')})`}
        value={timer.programs.length}
        min={1}
        max={26}
        onChange={(count) => onChange({ programs: labelsUpTo(count, timer.programs) })}
      />
      <Count
        label="Starts of each program"
        value={timer.startsPerProgram}
        min={1}
        max={24}
        onChange={(startsPerProgram) => onChange({ startsPerProgram }, 'timer starts')}
      />
      <Choice
        label="Starts go in steps of"
        value={timer.startStepMinutes}
        options={START_STEPS_MINUTES.map((value) => ({ value, label: `${value} min` }))}
        onChange={(startStepMinutes) => onChange({ startStepMinutes })}
      />
    </Question>
  );
}

function DayQuestions({ timer, onChange }: TypeQuestionsProps) {
  return (
    <Question
      title="3. Which water days does it know?"
      hint="Step through the water days of a program until they come round again. Hours stand behind the days, where it has them."
    >
      <Checkbox.Group
        aria-label="Kinds of water days"
        value={timer.dayModes}
        options={DAY_MODES.map((value) => ({ value, label: DAY_MODE_NAMES[value] }))}
        onChange={(dayModes) =>
          onChange({ dayModes: DAY_MODES.filter((m) => dayModes.includes(m)) })
        }
      />
    </Question>
  );
}

function SeasonQuestion(props: TypeQuestionsProps) {
  const { season } = props.timer;
  const set = seasonSetter(props);
  return (
    <Question
      title="4. Has it a season percentage?"
      hint="A place where one number makes all run times longer or shorter; “by the weather” stands beside it, with a least and a most."
    >
      <Radio.Group
        aria-label="Season percentage"
        value={season !== null}
        options={[
          { value: true, label: 'yes' },
          { value: false, label: 'no' },
        ]}
        onChange={(event) =>
          props.onChange({ season: event.target.value ? { ...new SeasonCapability() } : null })
        }
      />
      {season && (
        <Checkbox.Group
          aria-label="Percentages"
          value={season.modes}
          options={SEASON_MODES.map((value) => ({ value, label: SEASON_MODE_NAMES[value] }))}
          onChange={(modes) => set({ modes: SEASON_MODES.filter((one) => modes.includes(one)) })}
        />
      )}
    </Question>
  );
}
