import {
  CYCLE_SOAK_POLICIES,
  LONGEST_SECONDS,
  type CycleSoakPolicy,
  type TimerCapability,
} from '@water-clock/core/timer-types';
import { Choice, Count, Length, Question, YesNo } from './type-fields';
import { seasonSetter, type TypeQuestionsProps } from './type-questions-props';
import styles from './type-questions.module.css';

/** What most timers have alike, folded until somebody looks. */
export function RestQuestions(props: TypeQuestionsProps) {
  return (
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
