import { Dialog } from '../ui/dialog';
import styles from './desk.module.css';

const KEYS: readonly (readonly [string, string])[] = [
  ['Arrows, Enter', 'go from cell to cell in the settings'],
  ['Escape', 'bring back what the cell held'],
  ['Ctrl V', 'paste a block from a spreadsheet, beginning at the cell'],
  ['Tab to the board, then arrows', 'go from run to run, and from night to night'],
  ['[  and  ]', "move the run's start by the timer's step"],
  ['Alt [  and  Alt ]', 'move all starts of the program'],
  ['Drag', 'move a start along the night; with Alt all of the program'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Ctrl S', 'save'],
];

export function KeysHelp({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <Dialog open={isOpen} onCancel={onClose} title="Keys" footer={null}>
      <dl className={styles['keys-help']}>
        {KEYS.map(([keys, does]) => (
          <div key={keys}>
            <dt>{keys}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
