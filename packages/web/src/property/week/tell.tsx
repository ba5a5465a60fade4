import { App, Button } from 'antd';
import type { Timer } from '../../api/timers';
import { phoneDigits } from '../../format/phone';
import styles from './week.module.css';

interface TellProps {
  readonly timer: Timer;
  readonly words: string;
}

/** Words for a household: read out, copied, texted or mailed. */
export function Tell({ timer, words }: TellProps) {
  const { message } = App.useApp();
  const { name, contactPhone, contactEmail } = timer.property;
  const subject = encodeURIComponent(`${name}: ${timer.name}`);
  const body = encodeURIComponent(words);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(words);
      void message.success('Copied.');
    } catch {
      void message.error('The browser does not let it be copied: select the words instead.');
    }
  };
  return (
    <>
      <blockquote className={styles['words']} lang={timer.property.language}>
        {words}
      </blockquote>
      <div className={styles['ways']}>
        <Button size="small" onClick={() => void copy()}>
          Copy the words
        </Button>
        {contactPhone && (
          <Button size="small" href={`sms:${phoneDigits(contactPhone)}?body=${body}`}>
            Text them
          </Button>
        )}
        {contactEmail && (
          <Button size="small" href={`mailto:${contactEmail}?subject=${subject}&body=${body}`}>
            Mail them
          </Button>
        )}
      </div>
    </>
  );
}
