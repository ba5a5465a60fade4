import { App, Button } from 'antd';
import { eraseContact } from '../api/keeping';
import { propertiesKey, type Property } from '../api/properties';
import { useWrite } from '../api/use-write';
import { useSignedIn } from '../session/use-signed-in';

/** For the owner: who the household is, and how one gets in, goes for good. */
export function EraseContact({ property }: { property: Property }) {
  const { id, name, contactName, contactPhone, contactEmail, gateNotes } = property;
  const { modal, message } = App.useApp();
  const { person } = useSignedIn();
  const { write, isWriting } = useWrite('erase-contact', eraseContact, {
    touches: [propertiesKey],
  });
  const hasAny = [contactName, contactPhone, contactEmail, gateNotes].some(Boolean);
  if (person.role !== 'owner' || !hasAny) return null;
  const erase = async () => {
    if (await write(id)) void message.success('The contact is erased.');
  };
  const ask = () =>
    void modal.confirm({
      title: `Erase the contact of ${name} for good?`,
      content: (
        <>
          <p>
            Its name, telephone, e-mail and gate notes go, here and in what was noted of changes.
            Nothing brings them back.
          </p>
          <p>
            What stays: the home&apos;s own name and address, its timers, and notes that were
            written at visits. If they name somebody, change them yourself. Backups that were made
            before still have it.
          </p>
        </>
      ),
      okText: 'Erase the contact',
      okButtonProps: { danger: true },
      cancelText: 'Keep it',
      onOk: erase,
    });
  return (
    <Button size="small" type="text" loading={isWriting} onClick={ask}>
      Erase the contact…
    </Button>
  );
}
