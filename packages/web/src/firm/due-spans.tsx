import { Spans } from '@water-clock/core/dues';
import { withChanges } from '@water-clock/core/kernel';
import { App, Button } from 'antd';
import { useState } from 'react';
import { roundKey, setSpans } from '../api/round';
import { sessionQuery } from '../api/session';
import { useWrite } from '../api/use-write';
import { DayOfYearInput } from '../rules/day-of-year-input';
import { useMayChange, useSignedIn } from '../session/use-signed-in';
import { Field } from '../ui/field';
import { LeaveGuard } from '../ui/leave-guard';
import { NumberInput } from '../ui/number-input';
import pageStyles from '../ui/page.module.css';

const FIELDS = [
  ['battery', 'Batteries that a timer runs on'],
  ['backupBattery', 'Backup battery'],
  ['sensorTest', 'Rain sensor tried'],
  ['filter', 'Filter and screen cleaned'],
  ['yearlyCheck', 'The whole timer checked'],
  ['backflowTest', 'Backflow preventer tested'],
] as const satisfies readonly (readonly [keyof Spans, string])[];
const BY = [
  ['winterBy', 'Shut down for the winter by', '15 Oct'],
  ['springBy', 'Started for the season by', '1 Apr'],
] as const satisfies readonly (readonly [keyof Spans, string, string])[];
const MOST_MONTHS = 120;

const textOf = (spans: Spans): string => JSON.stringify(spans);

/** After how many months things fall due again. */
export function DueSpans() {
  const { firm } = useSignedIn();
  const [spans, setAll] = useState(firm.spans);
  const { message } = App.useApp();
  const { write, isWriting } = useWrite('change-spans', setSpans, {
    touches: [sessionQuery.queryKey, roundKey],
    isOfFields: true,
  });
  const mayChange = useMayChange();
  const isChanged = textOf(spans) !== textOf(firm.spans);
  const save = async (): Promise<boolean> => {
    const done = await write(spans);
    if (done) void message.success('Saved.');
    return done !== null;
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="due-spans">
      <h2 id="due-spans">
        Due again
        {mayChange && (
          <Button size="small" onClick={() => setAll(new Spans())}>
            The product&apos;s starting spans
          </Button>
        )}
      </h2>
      <p className={pageStyles['soft']}>
        After how many months each falls due again on the round. 0: never.
      </p>
      <div className={pageStyles['form-grid']}>
        {FIELDS.map(([key, label]) => (
          <Field key={key} label={`${label}, months`}>
            {(id) => (
              <NumberInput
                id={id}
                least={0}
                most={MOST_MONTHS}
                isWhole
                width={110}
                disabled={!mayChange}
                value={spans[key]}
                onChange={(months) => setAll({ ...spans, [key]: months })}
              />
            )}
          </Field>
        ))}
        {BY.map(([key, label, example]) => (
          <Field key={key} label={label} hint="Empty: not by this firm">
            {(id) => (
              <DayOfYearInput
                id={id}
                isDisabled={!mayChange}
                placeholder={example}
                value={spans[key] ?? ''}
                onChange={(day) =>
                  setAll(withChanges(spans, { [key]: day === '' ? undefined : day }))
                }
              />
            )}
          </Field>
        ))}
      </div>
      {mayChange && (
        <Button
          type="primary"
          style={{ marginTop: 10 }}
          disabled={!isChanged}
          loading={isWriting}
          onClick={() => void save()}
        >
          {isChanged ? 'Save the spans' : 'Spans are saved'}
        </Button>
      )}
      <LeaveGuard isChanged={isChanged && mayChange} save={save} what="The spans have" />
    </section>
  );
}
