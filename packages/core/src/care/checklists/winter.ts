import { isPumped, where, type CarePlace, type Checklist } from '../checklist.js';

/** Shutting down, by how hard it freezes and where the water comes from. */
export const winterChecklist = (place: CarePlace): Checklist => {
  const { supply, frost, power } = place;
  return {
    caution:
      'Compressed air and water under pressure injure. Blowing out is for trained people with eye protection.',
    asks: frost === 'hard' && power === 'mains' ? ['pressure'] : [],
    steps: [
      { id: 'copy', words: 'What is in the timer is in a copy.' },
      { id: 'off', words: 'The timer is off, or at its winter percentage.' },
      ...where(frost === 'none', {
        id: 'sensor',
        words: 'The rain sensor is active, if anything still waters.',
      }),
      ...where(frost !== 'none', { id: 'shut', words: 'Its water is shut at the supply.' }),
      ...where(frost !== 'none' && isPumped(place), {
        id: 'pump',
        words: 'The pump is off at its switch, and drained as its maker says.',
        caution: 'The electric side of a pump is for a licensed electrician. Never run it dry.',
      }),
      ...where(frost !== 'none' && supply === 'tank', {
        id: 'tank',
        words: 'The tank is emptied as far as frost asks, and its overflow is clear.',
      }),
      ...where(frost !== 'none', {
        id: 'drain',
        words: 'Drain valves are open, the lowest last, until nothing runs.',
      }),
      ...where(frost === 'light', {
        id: 'wrap',
        words: 'Pipes and the backflow preventer above ground are wrapped.',
      }),
      ...where(frost === 'hard' && power === 'mains', {
        id: 'blow-out',
        words:
          'Blown out station by station, the farthest first, in short bursts, until only mist comes.',
        caution:
          'Eye protection, trained people only, nobody above a head or a valve box. Never above the pressure of the weakest part, and never beyond the limit of its maker; not through a pump or a backflow preventer whose maker forbids it.',
      }),
      ...where(frost === 'hard', {
        id: 'backflow',
        words: 'The backflow preventer is drained, its valves half open, or it is taken inside.',
      }),
      ...where(frost !== 'none' && power === 'battery', {
        id: 'inside',
        words: 'The timer is off its tap and inside, its batteries out.',
      }),
    ],
  };
};
