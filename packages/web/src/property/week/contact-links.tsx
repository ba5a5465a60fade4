import { MailOutlined, MessageOutlined, PhoneOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link } from 'react-router';
import type { Property } from '../../api/properties';
import { phoneDigits } from '../../format/phone';
import pageStyles from '../../ui/page.module.css';
import styles from './week.module.css';

/** Who is to be told, and the ways to tell them. */
export function ContactLinks({ property }: { property: Property }) {
  const { id, name, contactName, contactPhone, contactEmail } = property;
  if (!contactPhone && !contactEmail)
    return (
      <p className={pageStyles['soft']}>
        {contactName || 'The household'}: no telephone and no e-mail address is known.{' '}
        <Link to={`/properties/${id}/edit`}>Add them</Link>
      </p>
    );
  return (
    <div className={styles['contact']} role="group" aria-label="Contact">
      <strong>{contactName || 'The household'}</strong>
      {contactPhone && (
        <>
          <Button icon={<PhoneOutlined />} href={`tel:${phoneDigits(contactPhone)}`}>
            Call {contactPhone}
          </Button>
          <Button icon={<MessageOutlined />} href={`sms:${phoneDigits(contactPhone)}`}>
            Text
          </Button>
        </>
      )}
      {contactEmail && (
        <Button
          icon={<MailOutlined />}
          href={`mailto:${contactEmail}?subject=${encodeURIComponent(`Watering at ${name}`)}`}
        >
          Mail
        </Button>
      )}
    </div>
  );
}
