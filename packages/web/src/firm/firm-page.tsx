import { useQuery } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { Button, Checkbox } from 'antd';
import { useNavigate } from 'react-router';
import { photoRoomQuery } from '../api/photos';
import { Page } from '../ui/page';
import { useSignedIn } from '../session/use-signed-in';
import { CoilReadings } from './coil-readings';
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
      <CoilReadings />
      <People />
      <PhotosKept />
      {isOwner && <SecondFactorWanted />}
    </Page>
  );
}

/** How much of its room for photos is filled. */
function PhotosKept() {
  const { data } = useQuery(photoRoomQuery);
  if (!data) return null;
  const { photos, bytes, mostBytes } = data;
  return (
    <section className={pageStyles['sheet']} aria-labelledby="photos-kept">
      <h2 id="photos-kept">Photos</h2>
      <p className={pageStyles['soft']}>
        {counted(photos, 'photo')}, {Math.ceil(bytes / BYTES_PER_MB)} MB of{' '}
        {mostBytes / BYTES_PER_MB} MB.
      </p>
    </section>
  );
}

const BYTES_PER_MB = 1e6;

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
