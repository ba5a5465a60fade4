import { Button, Checkbox, Input, Select } from 'antd';
import { useNavigate } from 'react-router';
import { changeFirm, sessionQuery } from '../api/session';
import { useWrite } from '../api/use-write';
import { Page } from '../ui/page';
import { Choice } from '../ui/choice';
import { useSignedIn } from '../session/use-signed-in';
import { CustomaryMinutes } from './customary-minutes';
import { People } from './people';
import pageStyles from '../ui/page.module.css';

const CURRENCIES = Intl.supportedValuesOf('currency').map((value) => ({ value, label: value }));

/** The firm's units, money, customary minutes, its people, and how they sign in. */
export function FirmPage() {
  const { person, firm } = useSignedIn();
  const navigate = useNavigate();
  const isOwner = person.role === 'owner';
  const { write: change, isWriting } = useWrite('change-firm', changeFirm, {
    touches: [sessionQuery.queryKey],
  });
  return (
    <Page
      title={firm.name}
      actions={
        isOwner && (
          <>
            <Button onClick={() => void navigate('/firm/keeping')}>What is kept</Button>
            <Button onClick={() => void navigate('/firm/changes')}>Who changed what</Button>
          </>
        )
      }
    >
      <section className={pageStyles['sheet']} aria-labelledby="units">
        <h2 id="units">Units</h2>
        <Choice
          label="Units"
          disabled={!isOwner || isWriting}
          value={firm.units}
          options={[
            { value: 'metric', label: 'metric: L/min, m², mm' },
            { value: 'us', label: 'US: gal/min, sq ft, in' },
          ]}
          onChange={(units) => void change({ units })}
        />
        {!isOwner && <p className={pageStyles['soft']}>The owner of the firm chooses them.</p>}
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="phone">
        <h2 id="phone">Telephone</h2>
        <Input
          aria-labelledby="phone"
          key={firm.phone}
          disabled={!isOwner}
          maxLength={100}
          inputMode="tel"
          style={{ width: 220 }}
          defaultValue={firm.phone}
          onBlur={(event) => {
            const phone = event.target.value.trim();
            if (phone !== firm.phone) void change({ phone });
          }}
        />
        <p className={pageStyles['soft']}>It is on the sheet for the door.</p>
      </section>
      <section className={pageStyles['sheet']} aria-labelledby="currency">
        <h2 id="currency">Currency</h2>
        <Select
          aria-labelledby="currency"
          showSearch
          disabled={!isOwner}
          loading={isWriting}
          style={{ width: 120 }}
          value={firm.currency}
          options={CURRENCIES}
          onChange={(currency: string) => void change({ currency })}
        />
      </section>
      <CustomaryMinutes />
      <People />
      {isOwner && <SecondFactorWanted />}
    </Page>
  );
}

/** Whether whoever signs in needs an authenticator too. */
function SecondFactorWanted() {
  const { firm } = useSignedIn();
  const { write, isWriting } = useWrite('change-firm', changeFirm, {
    touches: [sessionQuery.queryKey],
  });
  return (
    <section className={pageStyles['sheet']} aria-labelledby="second-factor">
      <h2 id="second-factor">Signing in</h2>
      <Checkbox
        checked={firm.wantsSecondFactor}
        disabled={isWriting}
        onChange={(event) => void write({ wantsSecondFactor: event.target.checked })}
      >
        Everybody needs an authenticator app besides the password
      </Checkbox>
      <p className={pageStyles['soft']}>
        Whoever has none yet is asked to set one up before anything else.
      </p>
    </section>
  );
}
