import type { HomesChange } from './homes-change.js';

/** What is changed, as a technician calls it. */
export function homesChangeInWords(change: HomesChange): string {
  switch (change.kind) {
    case 'rules':
      return `Watering rules of ${change.document.district}`;
    case 'timer-type':
      return 'A timer type corrected';
    case 'season-step':
      return 'Step of the season';
    case 'percentage':
      return `Season percentage ${change.percent} %`;
    case 'finish':
      return `Finish by ${change.finishBy.slice(0, 5)}`;
  }
}
