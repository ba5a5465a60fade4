import { counted } from '@water-clock/core/words';
import { App } from 'antd';

/** What was made of a block from a spreadsheet. */
export interface PastedPart<Edit> {
  /** What could be read. */
  readonly edit: Edit;
  /** Cells of it. */
  readonly taken: number;
  /** What could not, each in a sentence. */
  readonly refused: readonly string[];
}

const MOST_TOLD = 12;

/**
 * Takes a pasted block where all of it could be read. Otherwise says what could not, and asks whether the rest is
 * wanted. True where it was taken at once.
 */
export function usePastedPart() {
  const { modal } = App.useApp();
  return <Edit,>(
    { edit, taken, refused }: PastedPart<Edit>,
    take: (edit: Edit) => void,
  ): boolean => {
    if (refused.length === 0) {
      take(edit);
      return true;
    }
    const content = (
      <ul>
        {refused.slice(0, MOST_TOLD).map((words) => (
          <li key={words}>{words}</li>
        ))}
        {refused.length > MOST_TOLD && <li>… and {refused.length - MOST_TOLD} more.</li>}
      </ul>
    );
    if (taken === 0) void modal.error({ title: 'Nothing was taken over', content });
    else
      void modal.confirm({
        title: 'Not all of it can be read',
        content,
        okText: `Take the other ${counted(taken, 'cell')}`,
        cancelText: 'Take nothing',
        onOk: () => take(edit),
      });
    return false;
  };
}
