import type { Checklist } from '../checklist.js';

export const backflowChecklist = (): Checklist => ({
  caution:
    'It keeps drinking water clean: never bypass it. Whether a licensed tester must test or repair it, and how often, is for the law and the water supplier to say.',
  asks: ['tester'],
  steps: [
    { id: 'valves', words: 'The valves before and behind it are known, and turn.' },
    { id: 'tested', words: 'A licensed tester has tested it: who, and when, stands below.' },
    { id: 'passed', words: 'It passed, or what failed is repaired and tested again.' },
    { id: 'report', words: 'The report went to whoever asks for it, and a photo of it is kept.' },
  ],
});
