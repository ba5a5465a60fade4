import { clsx } from 'clsx';
import { Input, Select } from 'antd';
import { useRef } from 'react';
import { useSignedIn } from '../session/use-signed-in';
import { Choice } from '../ui/choice';
import pageStyles from '../ui/page.module.css';
import { useChangeFirm } from './use-change-firm';

const CURRENCIES = Intl.supportedValuesOf('currency').map((value) => ({ value, label: value }));

/** The firm's units, money and telephone. */
export function FirmFacts() {
  const { person, firm } = useSignedIn();
  const isOwner = person.role === 'owner';
  const units = useChangeFirm();
  const currency = useChangeFirm();
  return (
    <section className={clsx(pageStyles['sheet'], pageStyles['sheets'])} aria-label="The firm">
      <div>
        <h2 id="units">Units</h2>
        <Choice
          label="Units"
          disabled={!isOwner || units.isWriting}
          value={firm.units}
          options={[
            { value: 'metric', label: 'metric: L/min, m², mm' },
            { value: 'us', label: 'US: gal/min, sq ft, in' },
          ]}
          onChange={(chosen) => void units.write({ units: chosen })}
        />
        {!isOwner && <p className={pageStyles['soft']}>The owner of the firm chooses them.</p>}
      </div>
      <div>
        <h2 id="currency">Currency</h2>
        <Select
          aria-labelledby="currency"
          showSearch
          disabled={!isOwner || currency.isWriting}
          loading={currency.isWriting}
          style={{ width: 120 }}
          value={firm.currency}
          options={CURRENCIES}
          onChange={(chosen: string) => void currency.write({ currency: chosen })}
        />
      </div>
      <Telephone />
    </section>
  );
}

/** Told once it is left: after what was told before it, and never in its place. */
function Telephone() {
  const { person, firm } = useSignedIn();
  const { write } = useChangeFirm();
  /** What is on its way; null while nothing is, as after it was refused. */
  const waiting = useRef<string | null>(null);
  const sent = useRef<Promise<unknown>>(Promise.resolve());
  const change = (phone: string) => {
    if (phone === (waiting.current ?? firm.phone)) return;
    waiting.current = phone;
    sent.current = sent.current
      .then(() => write({ phone }))
      .then(() => {
        if (waiting.current === phone) waiting.current = null;
      });
  };
  return (
    <div>
      <h2 id="phone">Telephone</h2>
      <Input
        aria-labelledby="phone"
        key={firm.phone}
        disabled={person.role !== 'owner'}
        maxLength={100}
        inputMode="tel"
        style={{ width: 220 }}
        defaultValue={firm.phone}
        onBlur={(event) => change(event.target.value.trim())}
      />
      <p className={pageStyles['soft']}>It is on the sheet for the door.</p>
    </div>
  );
}
