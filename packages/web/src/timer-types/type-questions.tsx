import {
  CYCLE_SOAK_POLICIES,
  DAY_MODES,
  LONGEST_SECONDS,
  SEASON_MODES,
  SeasonCapability,
  START_STEPS_MINUTES,
  type CycleSoakPolicy,
  type TimerCapability,
} from '@water-clock/core/timer-types';
import { Checkbox, Radio } from 'antd';
import { Choice, Count, Length, Question, YesNo } from './type-fields';
import { DAY_MODE_NAMES, labelsUpTo, SEASON_MODE_NAMES } from './type-words';
import { OverlapTest } from './overlap-test';
import styles from './type-questions.module.css';

interface TypeQuestionsProps {
  readonly timer: TimerCapability;
  /** Stations that the timer must have at least. */
  readonly leastStations?: number;
  readonly onChange: (fields: Partial<TimerCapability>, key?: string) => void;
}

/** What a timer can do, as questions that are answered standing in front of it: five first, then the rest. */
export function TypeQuestions(props: TypeQuestionsProps) {
  return (
    <>
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
      <details className={styles['type-rest']}>
        <summary>The rest, as most timers have it unless you say otherwise</summary>
        <div className={styles['type-questions']}>
          <DayDetails {...props} />
          <WaterQuestions {...props} />
          <PercentDetails {...props} />
          <SensorQuestions {...props} />
          <ExtraQuestions {...props} />
        </div>
      </details>
    </>
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

function DayDetails({ timer, onChange }: TypeQuestionsProps) {
  return (
    <Question title="How far do its water days go?">
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
        hint="Look for a calendar in which single days are set to off."
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
      <Length
        label="Shortest run time"
        seconds={runTime.minSeconds}
        leastSeconds={0}
        mostSeconds={LONGEST_SECONDS}
        onChange={(minSeconds) => setRunTime({ minSeconds }, 'timer shortest')}
      />
      <Length
        label="Longest run time"
        seconds={runTime.maxSeconds}
        leastSeconds={1}
        mostSeconds={LONGEST_SECONDS}
        onChange={(maxSeconds) => setRunTime({ maxSeconds }, 'timer longest')}
      />
      <Length
        label="Run times go in steps of"
        seconds={runTime.stepSeconds}
        leastSeconds={1}
        mostSeconds={LONGEST_SECONDS}
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

type SetSeason = (fields: Partial<SeasonCapability>, key?: string) => void;

function seasonSetter({ timer: { season }, onChange }: TypeQuestionsProps): SetSeason {
  return (fields, key) =>
    onChange({ season: { ...(season ?? new SeasonCapability()), ...fields } }, key);
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

function PercentDetails(props: TypeQuestionsProps) {
  const { season } = props.timer;
  if (!season) return null;
  const set = seasonSetter(props);
  return (
    <Question title="How does its percentage go?">
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
      <Length
        label="Scaled times are rounded to"
        seconds={season.roundToSeconds}
        leastSeconds={1}
        mostSeconds={86_400}
        onChange={(roundToSeconds) => set({ roundToSeconds }, 'timer rounding')}
      />
    </Question>
  );
}

function SensorQuestions({ timer, onChange }: TypeQuestionsProps) {
  return (
    <Question title="Which sensors and relays does it take?" hint="Look at its terminals.">
      <YesNo
        label="Takes a rain sensor"
        value={timer.rainSensor}
        onChange={(rainSensor) => onChange({ rainSensor })}
      />
      <YesNo
        label="Takes a freeze sensor"
        hint="A second pair of sensor terminals, or a switch that names frost."
        value={timer.freezeSensor}
        onChange={(freezeSensor) => onChange({ freezeSensor })}
      />
      <YesNo
        label="The pump can be set for each station"
        hint="Open a station: pump or master valve can be set to off for it alone."
        value={timer.pumpPerStation}
        onChange={(pumpPerStation) => onChange({ pumpPerStation })}
      />
    </Question>
  );
}

function ExtraQuestions({ timer, onChange }: TypeQuestionsProps) {
  return (
    <Question title="What else?">
      <Length
        label="Longest wait between stations"
        seconds={timer.maxStationDelaySeconds}
        leastSeconds={0}
        mostSeconds={LONGEST_SECONDS}
        onChange={(seconds) => onChange({ maxStationDelaySeconds: seconds }, 'timer delay')}
      />
      <YesNo
        label="Hours without watering can be set"
        hint="A from and a to for the whole timer, in which nothing waters."
        value={timer.noWaterWindows}
        onChange={(noWaterWindows) => onChange({ noWaterWindows })}
      />
      <YesNo
        label="A program can have hours of its own"
        hint="Open a program: a from and a to stand there, outside which it waters nothing."
        value={timer.programWindows}
        onChange={(programWindows) => onChange({ programWindows })}
      />
    </Question>
  );
}
