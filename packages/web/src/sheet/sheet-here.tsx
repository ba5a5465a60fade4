import { speakerOf, writtenIn } from '@water-clock/core/household-words';
import type { Sheet } from '@water-clock/core/sheets';
import { SheetView } from './sheet-view';

/** A sheet inside of the application, where all languages are at hand. */
export const SheetHere = ({ sheet }: { sheet: Sheet }) => (
  <SheetView sheet={sheet} language={speakerOf(writtenIn(sheet)).language} />
);
