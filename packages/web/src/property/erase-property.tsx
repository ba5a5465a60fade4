import { useQuery } from '@tanstack/react-query';
import { counted } from '@water-clock/core/words';
import { App, Button, Skeleton } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { eraseProperty, propertyErasureQuery } from '../api/keeping';
import { propertiesKey, type Property } from '../api/properties';
import { useWrite } from '../api/use-write';
import { useSignedIn } from '../session/use-signed-in';
import { EraseDialog } from '../ui/erase-dialog';
import { LoadError } from '../ui/page';

/** For the owner: an archived property goes for good. */
export function EraseProperty({ property }: { property: Property }) {
  const [isAsking, setAsking] = useState(false);
  const { person } = useSignedIn();
  if (person.role !== 'owner') return null;
  return (
    <>
      <Button danger onClick={() => setAsking(true)}>
        Erase…
      </Button>
      {isAsking && <AskToErase property={property} onClose={() => setAsking(false)} />}
    </>
  );
}

interface AskToEraseProps {
  readonly property: Property;
  readonly onClose: () => void;
}

function AskToErase({ property: { id, name }, onClose }: AskToEraseProps) {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const counts = useQuery(propertyErasureQuery(id));
  const { write, isWriting, error } = useWrite('erase-property', eraseProperty, {
    touches: [propertiesKey],
    isToldHere: true,
  });
  const erase = async (typed: string) => {
    if (!(await write({ id, name: typed }))) return;
    void navigate('/properties', { replace: true });
    void message.success(`${name} is erased.`);
  };
  return (
    <EraseDialog
      name={name}
      isErasing={isWriting}
      error={error}
      onErase={(typed) => void erase(typed)}
      onClose={onClose}
    >
      {counts.error && (
        <LoadError
          what="What would go"
          error={counts.error}
          onRetry={() => void counts.refetch()}
        />
      )}
      {counts.isPending && <Skeleton active />}
      {counts.data && (
        <>
          <p>
            With it {counted(counts.data.timers, 'timer')},{' '}
            {counts.data.copies === 1 ? '1 copy' : `${counts.data.copies} copies`},{' '}
            {counted(counts.data.visits, 'visit')} and {counted(counts.data.sheets, 'sheet')} for
            the door go. {linksInWords(counts.data.links)}
          </p>
          <p>
            What stays: that something was changed, when and by whom ({counts.data.changes}{' '}
            entries), without a name or a value; and whatever backups were made before. Export it
            first if somebody may still need it.
          </p>
        </>
      )}
    </EraseDialog>
  );
}

const linksInWords = (links: number): string =>
  links === 0 ? '' : `${counted(links, 'link')} that a household holds will lead nowhere.`;
