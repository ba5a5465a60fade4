import { where, type CarePlace, type Checklist } from '../checklist.js';

export const filterChecklist = ({ hasDrip, power }: CarePlace): Checklist => ({
  caution: 'Water under pressure hurts: shut it, and let the pressure out, before a filter opens.',
  asks: ['pressure'],
  steps: [
    { id: 'shut', words: 'The water is shut, and the pressure is out.' },
    { id: 'clean', words: 'Filter and screen are rinsed; one that is torn is replaced.' },
    ...where(power === 'battery', { id: 'tap', words: 'The screen at the tap is clean too.' }),
    ...where(hasDrip, { id: 'flush', words: 'The lines of drip are flushed from their ends.' }),
    { id: 'tight', words: 'Under pressure again nothing drips; the pressure stands below.' },
  ],
});
