import { Dialog } from './dialog';
import styles from './keys-help.module.css';

type Keys = readonly (readonly [keys: string, does: string])[];

const PLACES: readonly (readonly [where: string, keys: Keys])[] = [
  [
    'Everywhere',
    [
      ['Ctrl K', 'find homes, stations, people, pages and actions'],
      ['?, or Ctrl /', 'these keys; Ctrl / while words are typed'],
      ['Tab, then Enter', 'at the top of a page: go to what it is for'],
      ['Ctrl S', 'save'],
      ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
    ],
  ],
  [
    'In a table',
    [
      ['Arrows, Enter', 'go from cell to cell'],
      ['Escape', 'bring back what the cell held'],
      ['Shift and arrows', 'select a range of cells; Shift and a click too'],
      ['Ctrl C', 'copy the range, for a spreadsheet'],
      ['Ctrl V', 'paste a block from a spreadsheet, beginning at the cell'],
    ],
  ],
  [
    'On the board of the desk',
    [
      ['Arrows', 'go from run to run, and from night to night'],
      ['[  and  ]', "move the run's start by the timer's step"],
      ['Alt [  and  Alt ]', 'move all starts of the program'],
      ['Drag', 'move a start along the night; with Alt all of the program'],
    ],
  ],
];

export function KeysHelp({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onCancel={onClose} title="Keys" footer={null}>
      <div className={styles['keys']}>
        {PLACES.map(([where, keys]) => (
          <section key={where} aria-label={where}>
            <h3>{where}</h3>
            <dl>
              {keys.map(([key, does]) => (
                <div key={key}>
                  <dt>{key}</dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Dialog>
  );
}
