import type { QueryKey } from '@tanstack/react-query';
import { fieldOf } from '@water-clock/core/kernel';
import { Alert, Button } from 'antd';
import { useCallback, useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useWrite } from '../api/use-write';

/** Tells the page that one goes to what was taken away, and by which id it is brought back. */
export const takenAway = (id: string, words: string) => ({ takenAway: { id, words } });

interface TakenAwayProps {
  readonly bringBack: (id: string) => Promise<unknown>;
  readonly touches: readonly QueryKey[];
}

/** What was just taken away from a list, and how it is brought back. */
export function TakenAway({ bringBack, touches }: TakenAwayProps) {
  const location = useLocation();
  const state: unknown = location.state;
  const navigate = useNavigate();
  const { write, isWriting } = useWrite('bring-back', bringBack, {
    touches,
    lead: 'Not brought back.',
  });
  const [isBack, setBack] = useState(false);
  const forget = useCallback(
    () => void navigate(location.pathname, { replace: true, state: null }),
    [navigate, location.pathname],
  );
  // Only while this is looked at: who has gone on meanwhile is not fetched back.
  useEffect(() => {
    if (isBack) forget();
  }, [isBack, forget]);
  const taken = fieldOf(state, 'takenAway');
  const [id, words] = [fieldOf(taken, 'id'), fieldOf(taken, 'words')];
  if (typeof id !== 'string' || typeof words !== 'string') return null;
  return (
    <Alert
      type="info"
      showIcon
      title={`${words} Undo puts everything back as it was.`}
      action={
        <Button
          loading={isWriting}
          onClick={() =>
            void write(id).then((done) => {
              if (done) setBack(true);
            })
          }
        >
          Undo
        </Button>
      }
      closable={{ onClose: forget }}
    />
  );
}
