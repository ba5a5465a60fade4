import { Button, Checkbox } from 'antd';
import { useNavigate } from 'react-router';
import { Page } from '../ui/page';
import { useSignedIn } from '../session/use-signed-in';
import { CustomaryMinutes } from './customary-minutes';
import { DueSpans } from './due-spans';
import { FirmFacts } from './firm-facts';
import { People } from './people';
import { useChangeFirm } from './use-change-firm';
import pageStyles from '../ui/page.module.css';

/** The firm's units, money, customary minutes, its people, and how they sign in. */
export function FirmPage() {
  const { person, firm } = useSignedIn();
  const navigate = useNavigate();
  const isOwner = person.role === 'owner';
  return (
    <Page
      title={firm.name}
      actions={
        <>
          <Button onClick={() => void navigate('/firm/simulated')}>What is simulated</Button>
          {isOwner && (
            <>
              <Button onClick={() => void navigate('/firm/keeping')}>What is kept</Button>
              <Button onClick={() => void navigate('/firm/changes')}>Who changed what</Button>
            </>
          )}
        </>
      }
    >
      <FirmFacts />
      <CustomaryMinutes />
      <DueSpans />
      <People />
      {isOwner && <SecondFactorWanted />}
    </Page>
  );
}

/** Whether whoever signs in needs an authenticator too. */
function SecondFactorWanted() {
  const { firm } = useSignedIn();
  const { write, isWriting } = useChangeFirm();
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
