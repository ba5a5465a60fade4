import { SearchOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { later } from '../ui/later';
import styles from './find.module.css';
import { useHere } from './use-here';

const Finder = later(() => import('./finder'), 'Finder');

/** Opens the finder, as Ctrl K does from anywhere. */
export function FindButton() {
  const here = useHere();
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      setOpen(true);
    };
    // Before any cell or field has it.
    window.addEventListener('keydown', onKey, { capture: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, []);
  return (
    <>
      <Button
        type="text"
        icon={<SearchOutlined />}
        aria-label="Find anything Ctrl K"
        aria-keyshortcuts="Control+K"
        className={styles['find-button'] ?? ''}
        onClick={() => setOpen(true)}
      >
        <span className={styles['find-words']} aria-hidden="true">
          Find anything <kbd>Ctrl K</kbd>
        </span>
      </Button>
      {isOpen && <Finder here={here} onClose={() => setOpen(false)} />}
    </>
  );
}
