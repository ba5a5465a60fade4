import { where, type CarePlace, type Checklist } from '../checklist.js';

export const batteryChecklist = ({ power }: CarePlace): Checklist => ({
  caution:
    'A battery that leaks burns the skin: gloves. It goes to where batteries are taken back.',
  asks: [],
  steps: [
    { id: 'copy', words: 'What is in the timer is in a copy before a battery comes out.' },
    { id: 'contacts', words: 'The contacts are clean and dry.' },
    {
      id: 'fresh',
      words: 'All batteries are fresh, of the kind that the timer names, the right way round.',
    },
    { id: 'clock', words: 'Clock, date and settings are still right.' },
    ...where(power === 'battery', {
      id: 'valve',
      words: 'Run by hand it opens, and shuts again.',
    }),
  ],
});
