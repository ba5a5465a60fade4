import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { importProperty, propertiesKey } from '../api/properties';
import { useWrite } from '../api/use-write';
import { useMayChange } from '../session/use-signed-in';
import { oncePressed } from '../ui/once-pressed';
import { AddProperty } from './add-property';
import pageStyles from '../ui/page.module.css';
import styles from './first-run.module.css';

/** Where there is no home yet: three ways to begin. */
export function FirstRun({ onImport }: { onImport: () => void }) {
  const navigate = useNavigate();
  const mayChange = useMayChange();
  const importing = useWrite('import-property', importProperty, { touches: [propertiesKey] });
  const practise = async () => {
    const { practiceHome } = await import('./practice-home');
    const done = await importing.write(practiceHome());
    if (done) await navigate(`/properties/${done.answer.propertyId}`);
  };
  return (
    <div className={styles['first-run']}>
      <h2>No properties yet</h2>
      <ol>
        <Way
          title="Set up the first home"
          text="Whose it is and where, its timer as found, its stations, water and rules; then a plan and the sheet for the door. Nine steps, each of which can be left for later."
        >
          <AddProperty />
        </Way>
        {mayChange && (
          <>
            <Way
              title="Try it on a practice home"
              text="A made-up home whose timer collides. Find it on the desk, fix it, and make a visit. It can be archived and erased at any time."
            >
              <Button loading={importing.isWriting} onClick={oncePressed(() => void practise())}>
                Add the practice home
              </Button>
            </Way>
            <Way
              title="Bring a home that you have"
              text="A property file that Water Clock made: with its yard, its timers and their saved copies. You see what it would add before it does."
            >
              <Button onClick={onImport}>Import…</Button>
            </Way>
          </>
        )}
      </ol>
    </div>
  );
}

interface WayProps {
  readonly title: string;
  readonly text: string;
  readonly children: ReactNode;
}

const Way = ({ title, text, children }: WayProps) => (
  <li className={pageStyles['sheet']}>
    <h3>{title}</h3>
    <p className={pageStyles['soft']}>{text}</p>
    {children}
  </li>
);
