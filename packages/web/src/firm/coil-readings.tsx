import { CoilLimits, type OhmLimits } from '@water-clock/core/visits';
import { App, Button } from 'antd';
import { useState } from 'react';
import { sessionQuery } from '../api/session';
import { useWrite } from '../api/use-write';
import { setCoilLimits } from '../api/visits';
import { useMayChange, useSignedIn } from '../session/use-signed-in';
import { Field } from '../ui/field';
import { LeaveGuard } from '../ui/leave-guard';
import { NumberInput } from '../ui/number-input';
import pageStyles from '../ui/page.module.css';

const OF = [
  ['mains', 'mains timers'],
  ['battery', 'battery timers'],
] as const satisfies readonly (readonly [keyof CoilLimits, string])[];
const LIMITS = [
  ['short', 'Short below'],
  ['low', 'Fine from'],
  ['high', 'Fine up to'],
  ['open', 'Open above'],
] as const satisfies readonly (readonly [keyof OhmLimits, string])[];
const MOST_OHMS = 100_000;

const textOf = (limits: CoilLimits): string => JSON.stringify(limits);

/** By which limits the firm judges the ohms of coils. */
export function CoilReadings() {
  const { firm } = useSignedIn();
  const [limits, setAll] = useState(firm.coilLimits);
  const { message } = App.useApp();
  const { write, isWriting } = useWrite('change-coil-limits', setCoilLimits, {
    touches: [sessionQuery.queryKey],
    isOfFields: true,
  });
  const mayChange = useMayChange();
  const isChanged = textOf(limits) !== textOf(firm.coilLimits);
  const save = async (): Promise<boolean> => {
    const done = await write(limits);
    if (done) void message.success('Saved.');
    return done !== null;
  };
  return (
    <section className={pageStyles['sheet']} aria-labelledby="coil-readings">
      <h2 id="coil-readings">
        Readings of coils
        {mayChange && (
          <Button size="small" onClick={() => setAll(new CoilLimits())}>
            The product&apos;s starting limits
          </Button>
        )}
      </h2>
      <p className={pageStyles['soft']}>
        By these a reading at a terminal is called short, fine or open. The valve&apos;s own sheet
        goes before them.
      </p>
      {OF.map(([of, name]) => (
        <div key={of} className={pageStyles['form-grid']}>
          {LIMITS.map(([limit, label]) => (
            <Field key={limit} label={`${label}, Ω, ${name}`}>
              {(id) => (
                <NumberInput
                  id={id}
                  least={0}
                  most={MOST_OHMS}
                  width={110}
                  disabled={!mayChange}
                  value={limits[of][limit]}
                  onChange={(ohms) => setAll({ ...limits, [of]: { ...limits[of], [limit]: ohms } })}
                />
              )}
            </Field>
          ))}
        </div>
      ))}
      {mayChange && (
        <Button
          type="primary"
          style={{ marginTop: 10 }}
          disabled={!isChanged}
          loading={isWriting}
          onClick={() => void save()}
        >
          {isChanged ? 'Save the limits' : 'Limits are saved'}
        </Button>
      )}
      <LeaveGuard isChanged={isChanged && mayChange} save={save} what="The limits have" />
    </section>
  );
}
