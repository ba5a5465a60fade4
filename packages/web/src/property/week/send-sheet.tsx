import { MailOutlined, MessageOutlined } from '@ant-design/icons';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import type { Property } from '../../api/properties';
import { pdfAddress, sheetsKey, sheetsQuery, shareSheet } from '../../api/sheets';
import { useWrite } from '../../api/use-write';
import { phoneDigits } from '../../format/phone';
import pageStyles from '../../ui/page.module.css';
import styles from './week.module.css';

/** For how long a link that is sent on the telephone leads to the sheet. */
const DAYS = 180;

interface SendSheetProps {
  readonly timerId: string;
  readonly property: Pick<Property, 'name' | 'contactPhone' | 'contactEmail'>;
}

/** Sends the sheet that was left last to the household: a link to it, by text or mail. */
export function SendSheet({ timerId, property }: SendSheetProps) {
  const last = useQuery(sheetsQuery(timerId)).data?.[0];
  const [address, setAddress] = useState<string | null>(null);
  const sharing = useWrite(
    'share-sheet',
    async (id: string) => {
      const { token } = await shareSheet(id, DAYS);
      setAddress(`${window.location.origin}/s/${token}`);
    },
    { touches: [sheetsKey] },
  );
  if (!last)
    return (
      <p className={pageStyles['soft']} style={{ margin: 0 }}>
        No sheet was left here yet, so there is none to send.
      </p>
    );
  const { name, contactPhone, contactEmail } = property;
  return (
    <div className={styles['ways']} role="group" aria-label="The sheet">
      {address === null ? (
        <Button loading={sharing.isWriting} onClick={() => void sharing.write(last.id)}>
          Send the sheet…
        </Button>
      ) : (
        <>
          <a href={address}>{address}</a>
          {contactPhone && (
            <Button
              icon={<MessageOutlined />}
              href={`sms:${phoneDigits(contactPhone)}?body=${encodeURIComponent(address)}`}
            >
              Text it
            </Button>
          )}
          {contactEmail && (
            <Button
              icon={<MailOutlined />}
              href={`mailto:${contactEmail}?subject=${encodeURIComponent(name)}&body=${encodeURIComponent(address)}`}
            >
              Mail it
            </Button>
          )}
        </>
      )}
      <a href={pdfAddress(last.id)} target="_blank" rel="noreferrer">
        PDF
      </a>
    </div>
  );
}
