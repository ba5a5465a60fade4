import { isPumped, where, type CarePlace, type Checklist } from '../checklist.js';

/** Starting again, by how hard it froze and where the water comes from. */
export const springChecklist = (place: CarePlace): Checklist => {
  const { supply, frost, power } = place;
  return {
    caution:
      'Open the water slowly: a blow of water breaks pipes and injures. Power off before you touch a wire.',
    asks: ['pressure'],
    steps: [
      ...where(frost !== 'none', {
        id: 'cracks',
        words: 'Pipes, valves and the backflow preventer show no crack.',
      }),
      ...where(frost !== 'none', { id: 'drains', words: 'Drain valves are shut again.' }),
      ...where(power === 'battery', {
        id: 'tap',
        words: 'The timer is on its tap, with fresh batteries and a clean screen.',
      }),
      ...where(isPumped(place), {
        id: 'prime',
        words: 'The pump is primed and on, and builds up its pressure.',
        caution:
          'The electric side of a pump is for a licensed electrician. Never run it against closed valves.',
      }),
      ...where(supply === 'tank', {
        id: 'tank',
        words: 'The tank is clean, filled and without leak.',
      }),
      {
        id: 'fill',
        words:
          'Water comes in slowly, with the farthest station open, until no air comes any more.',
      },
      ...where(power === 'mains', {
        id: 'backflow',
        words: 'The backflow preventer is in service; its test is due or booked.',
      }),
      { id: 'clock', words: 'Clock, date and battery are right.' },
      { id: 'settings', words: 'Settings and percentage are those of the season.' },
      { id: 'walk', words: 'Every station was seen running.' },
    ],
  };
};
