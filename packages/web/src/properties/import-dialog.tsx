import { counted } from '@water-clock/core/words';
import { Alert, Button } from 'antd';
import { Dialog } from '../ui/dialog';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiError } from '../api/client';
import { importProperty, previewImport, propertiesKey, type ImportAnswer } from '../api/properties';
import { photosKey } from '../api/photos';
import { useWrite } from '../api/use-write';
import type { PhotoToBring } from '../photos/photo-archive';
import { FileButton } from '../ui/file-button';
import styles from './properties-page.module.css';
import pageStyles from '../ui/page.module.css';

interface Looked {
  readonly document: unknown;
  readonly answer: ImportAnswer;
  /** Those that lie beside the file in its archive. */
  readonly photos: readonly PhotoToBring[];
}

/** Brings a property file in, after showing what it would add or change. */
export function ImportDialog({ onClose }: { onClose: () => void }) {
  const [looked, setLooked] = useState<Looked | null>(null);
  const [trouble, setTrouble] = useState<unknown>(null);
  const navigate = useNavigate();
  const looking = useWrite('preview-import', previewImport, { isToldHere: true });
  const [done, setDone] = useState<string | null>(null);
  const importing = useWrite(
    'import-property',
    async ({ document, photos }: Looked) => {
      const answer = await importProperty(document);
      if (photos.length > 0) {
        const { bringPhotosIn } = await import('../photos/photo-archive');
        await bringPhotosIn(photos, answer.timers, (count, of) =>
          setDone(`${count} of ${of} photos`),
        );
      }
      return answer;
    },
    { touches: [propertiesKey, photosKey], isToldHere: true },
  );
  const openArchive = (file: File): boolean => {
    if (!file.name.endsWith('.zip')) return false;
    setLooked(null);
    setTrouble(null);
    void import('../photos/photo-archive')
      .then(async ({ unpacked, photosToBring }) => {
        const all = await unpacked(file);
        await look(all.text, photosToBring(all));
      })
      .catch(setTrouble);
    return true;
  };
  const look = async (text: string, photos: readonly PhotoToBring[] = []) => {
    setLooked(null);
    setTrouble(null);
    importing.reset();
    let document: unknown;
    try {
      document = JSON.parse(text.replace(/^\uFEFF/, ''));
    } catch (error) {
      looking.reset();
      setTrouble(error);
      return;
    }
    const seen = await looking.write(document);
    if (seen) setLooked({ document, photos, answer: seen.answer });
  };
  const bringIn = async (all: Looked) => {
    const brought = await importing.write(all);
    if (brought) await navigate(`/properties/${brought.answer.propertyId}`);
  };
  const refused = trouble ?? looking.error ?? importing.error;
  const changes = looked?.answer.changes ?? [];
  const photos = looked?.photos.length ?? 0;
  return (
    <Dialog
      open
      title="Import a property file"
      onCancel={onClose}
      footer={[
        <Button key="leave" onClick={onClose}>
          Leave it
        </Button>,
        <Button
          key="bring"
          type="primary"
          disabled={!looked || (changes.length === 0 && photos === 0)}
          loading={importing.isWriting}
          onClick={() => looked && void bringIn(looked)}
        >
          Import it
        </Button>,
      ]}
    >
      <p>
        A file that Water Clock made of a whole property: yard, timer type, rules and saved copies.
        Nothing is changed before you have seen what it would do; nothing that is here is removed.
      </p>
      <FileButton
        accept=".json,.zip,application/json,application/zip"
        onText={(text) => void look(text)}
        onFile={openArchive}
      >
        Choose a file…
      </FileButton>
      {refused !== null && <ImportTrouble error={refused} />}
      {looked && (
        <section aria-label="What it would do" style={{ marginTop: 12 }}>
          <strong>{looked.answer.name}</strong>
          {photos > 0 && (
            <p>{counted(photos, 'photo')} beside it: those that are not here yet are added.</p>
          )}
          {importing.isWriting && done && <p role="status">{done}</p>}
          {changes.length === 0 ? (
            <p>
              {photos > 0
                ? 'All of the file is here already.'
                : 'All of it is here already: there is nothing to import.'}
            </p>
          ) : (
            <ul className={styles['import-changes']}>
              {changes.map(({ does, what, details }) => (
                <li key={`${does} ${what}`}>
                  {does === 'add' ? 'Adds' : 'Changes'}: {what}
                  {details.map((detail) => (
                    <div key={detail} className={pageStyles['soft']}>
                      {detail}
                    </div>
                  ))}
                </li>
              ))}
            </ul>
          )}
        </section>
      )}
    </Dialog>
  );
}

function ImportTrouble({ error }: { error: unknown }) {
  const title =
    error instanceof SyntaxError
      ? `The file is not JSON: ${error.message}`
      : error instanceof Error
        ? error.message
        : 'The file could not be read.';
  const places = error instanceof ApiError ? error.places : [];
  return (
    <Alert
      type="error"
      showIcon
      style={{ marginTop: 12 }}
      title={title}
      description={
        places.length > 0 && (
          <ul className={styles['import-changes']}>
            {places.map(({ path, message }) => (
              <li key={path}>
                <code>{path.replace(/^document\.?/, '') || 'the file'}</code> {message}
              </li>
            ))}
          </ul>
        )
      }
    />
  );
}
