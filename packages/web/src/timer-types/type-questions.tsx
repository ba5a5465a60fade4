import {
  CYCLE_SOAK_POLICIES,
  DAY_MODES,
  SEASON_MODES,
  SeasonCapability,
  START_STEPS_MINUTES,
  type CycleSoakPolicy,
  type TimerCapability,
} from '@water-clock/core/timer-types';
import { Checkbox, Radio } from 'antd';
import { Choice, Count, Question, YesNo } from './type-fields';
import { DAY_MODE_NAMES, labelsUpTo, SEASON_MODE_NAMES } from './type-words';
import { OverlapTest } from './overlap-test';
import styles from './type-questions.module.css';

interface TypeQuestionsProps {
  readonly timer: TimerCapability;
  /** Stations that the timer must have at least. */
  readonly leastStations?: number;
  readonly onChange: (fields: Partial<TimerCapability>, key?: string) => void;
}

/** What a timer can do, as questions that are answered standing in front of it. */
export function TypeQuestions(props: TypeQuestionsProps) {
  return (
    <div className={styles['type-questions']}>
      <CountQuestions {...props} />
      <DayQuestions {...props} />
      <WaterQuestions {...props} />
      <PercentQuestions {...props} />
      <ExtraQuestions {...props} />
      <Question title="What does it do with a start that comes while another program runs?">
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
    <Question title="How much can be set?">
      <Count
        label="Stations, at most"
        value={timer.stations}
        min={leastStations}
        max={256}
        onChange={(stations) => onChange({ stations }, 'timer stations')}
      />
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

function DayQuestions({ timer, onChange }: TypeQuestionsProps) {
  return (
    <Question title="Which water days does it know?">
      <Checkbox.Group
        aria-label="Kinds of water days"
        value={timer.dayModes}
        options={DAY_MODES.map((value) => ({ value, label: DAY_MODE_NAMES[value] }))}
        onChange={(dayModes) =>
          onChange({ dayModes: DAY_MODES.filter((m) => dayModes.includes(m)) })
        }
      />
      {timer.dayModes.includes('interval') && (
        <>
          <Count
            label="Longest interval"
            value={timer.intervalMaxDays}
            min={1}
            max={31}
            suffix="days"
            onChange={(intervalMaxDays) => onChange({ intervalMaxDays }, 'timer interval')}
          />
          <Choice
            label="An interval day on a blocked day"
            value={timer.blockedDay}
            options={[
              { value: 'skip', label: 'is left out' },
              { value: 'defer', label: 'is put off to the next free day' },
            ]}
            onChange={(blockedDay) => onChange({ blockedDay })}
          />
        </>
      )}
      {timer.dayModes.includes('hours') && (
        <Count
          label="Longest interval in hours"
          value={timer.intervalMaxHours}
          min={1}
          max={168}
          suffix="h"
          onChange={(intervalMaxHours) => onChange({ intervalMaxHours }, 'timer interval hours')}
        />
      )}
      {timer.dayModes.includes('odd') && (
        <>
          <YesNo
            label="Odd days leave out the 31st"
            value={timer.skip31}
            onChange={(skip31) => onChange({ skip31 })}
          />
          <YesNo
            label="Odd days leave out 29 February"
            value={timer.skipFeb29}
            onChange={(skipFeb29) => onChange({ skipFeb29 })}
          />
        </>
      )}
      <YesNo
        label="Can rest on a day of every month"
        value={timer.monthDaysOff}
        onChange={(monthDaysOff) => onChange({ monthDaysOff })}
      />
    </Question>
  );
}

function WaterQuestions({ timer, onChange }: TypeQuestionsProps) {
  const { runTime, cycleSoak } = timer;
  const setRunTime = (fields: Partial<TimerCapability['runTime']>, key: string) =>
    onChange({ runTime: { ...runTime, ...fields } }, key);
  const policies: { value: CycleSoakPolicy | 'none'; label: string }[] = [
    { value: 'none', label: 'has none' },
    ...CYCLE_SOAK_POLICIES.map((value) => ({
      value,
      label:
        value === 'in-order'
          ? 'round by round, stations in order'
          : 'whichever station is ready first',
    })),
  ];
  return (
    <Question title="How does it water?">
      <Choice
        label="Run times are set"
        value={runTime.scope}
        options={[
          { value: 'station', label: 'for each station' },
          { value: 'program', label: 'one for all stations of a program' },
        ]}
        onChange={(scope) => setRunTime({ scope }, 'timer scope')}
      />
      <Count
        label="Shortest run time"
        value={runTime.minSeconds}
        min={0}
        max={604_800}
        suffix="s"
        onChange={(minSeconds) => setRunTime({ minSeconds }, 'timer shortest')}
      />
      <Count
        label="Longest run time"
        value={Math.floor(runTime.maxSeconds / 60)}
        min={1}
        max={10_080}
        suffix="min"
        onChange={(minutes) => setRunTime({ maxSeconds: minutes * 60 }, 'timer longest')}
      />
      <Count
        label="Run times go in steps of"
        value={runTime.stepSeconds}
        min={1}
        max={604_800}
        suffix="s"
        onChange={(stepSeconds) => setRunTime({ stepSeconds }, 'timer step')}
      />
      <Choice
        label="Cycle and soak"
        value={cycleSoak?.policy ?? 'none'}
        options={policies}
        onChange={(policy) => onChange({ cycleSoak: policy === 'none' ? null : { policy } })}
      />
      <Count
        label="Stations at once, at most"
        value={timer.maxConcurrentStations}
        min={1}
        max={256}
        onChange={(count) => onChange({ maxConcurrentStations: count }, 'timer concurrent')}
      />
      <Choice
        label="Stations run"
        value={timer.stationOrder}
        options={[
          { value: 'number', label: 'by their number' },
          { value: 'listed', label: 'in the order of a list' },
        ]}
        onChange={(stationOrder) => onChange({ stationOrder })}
      />
    </Question>
  );
}

function PercentQuestions({ timer: { season }, onChange }: TypeQuestionsProps) {
  const set = (fields: Partial<SeasonCapability>, key?: string) =>
    onChange({ season: { ...(season ?? new SeasonCapability()), ...fields } }, key);
  return (
    <Question title="Has it a season percentage?">
      <Radio.Group
        aria-label="Season percentage"
        value={season !== null}
        options={[
          { value: true, label: 'yes' },
          { value: false, label: 'no' },
        ]}
        onChange={(event) =>
          onChange({ season: event.target.value ? { ...new SeasonCapability() } : null })
        }
      />
      {season && (
        <>
          <Checkbox.Group
            aria-label="Percentages"
            value={season.modes}
            options={SEASON_MODES.map((value) => ({ value, label: SEASON_MODE_NAMES[value] }))}
            onChange={(modes) => set({ modes: SEASON_MODES.filter((one) => modes.includes(one)) })}
          />
          <Count
            label="From"
            value={season.minPercent}
            min={0}
            max={1000}
            suffix="%"
            onChange={(minPercent) => set({ minPercent }, 'timer least percent')}
          />
          <Count
            label="to"
            value={season.maxPercent}
            min={0}
            max={1000}
            suffix="%"
            onChange={(maxPercent) => set({ maxPercent }, 'timer most percent')}
          />
          <Count
            label="in steps of"
            value={season.stepPercent}
            min={1}
            max={1000}
            suffix="%"
            onChange={(stepPercent) => set({ stepPercent }, 'timer percent step')}
          />
          <Count
            label="Scaled times are rounded to"
            value={season.roundToSeconds}
            min={1}
            max={86_400}
            suffix="s"
            onChange={(roundToSeconds) => set({ roundToSeconds }, 'timer rounding')}
          />
        </>
      )}
    </Question>
  );
}

function ExtraQuestions({ timer, onChange }: TypeQuestionsProps) {
  return (
    <Question title="What else?">
      <Count
        label="Longest wait between stations"
        value={timer.maxStationDelaySeconds}
        min={0}
        max={604_800}
        suffix="s"
        onChange={(seconds) => onChange({ maxStationDelaySeconds: seconds }, 'timer delay')}
      />
      <YesNo
        label="Takes a rain sensor"
        value={timer.rainSensor}
        onChange={(rainSensor) => onChange({ rainSensor })}
      />
      <YesNo
        label="Takes a freeze sensor"
        value={timer.freezeSensor}
        onChange={(freezeSensor) => onChange({ freezeSensor })}
      />
      <YesNo
        label="The pump can be set for each station"
        value={timer.pumpPerStation}
        onChange={(pumpPerStation) => onChange({ pumpPerStation })}
      />
      <YesNo
        label="Hours without watering can be set"
        value={timer.noWaterWindows}
        onChange={(noWaterWindows) => onChange({ noWaterWindows })}
      />
      <YesNo
        label="A program can have hours of its own"
        value={timer.programWindows}
        onChange={(programWindows) => onChange({ programWindows })}
      />
    </Question>
  );
}
