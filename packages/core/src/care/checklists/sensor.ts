import type { Checklist } from '../checklist.js';

export const sensorChecklist = (): Checklist => ({
  caution: 'A ladder needs somebody who holds it, and stays clear of power lines.',
  asks: [],
  steps: [
    { id: 'active', words: 'Its switch stands at active, not at bypass.' },
    { id: 'sky', words: 'It sees the open sky, away from spray, gutter and roof edge.' },
    { id: 'wet', words: 'Held wet, the timer says so, and what runs stops.' },
    { id: 'dry', words: 'Dry again, the timer waters again.' },
  ],
});
