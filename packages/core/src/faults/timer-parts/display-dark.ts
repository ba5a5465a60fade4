import { ANY_POWER, ANY_WIRING, MAINS_SIDE, type PartFault } from '../hardware-fault.js';

export const DISPLAY_DARK: PartFault = {
  ...{ code: 'display-dark', name: 'A dark or broken display' },
  ...{ wirings: ANY_WIRING, powers: ANY_POWER },
  shows: 'Nothing can be read, or parts of the figures are missing; it may water all the same.',
  tells: 'It waters at its times: only the display is gone. It does not: look for its power first.',
  tries: [
    'Look at its power: plug, breaker, batteries.',
    'Take the power and the battery away for a minute, and bring them back.',
    'Push the plug of the display in, or the faceplate onto its frame.',
    'Read the settings off the last copy before it is reset.',
  ],
  mend: 'Put another display or faceplate on it, and key the settings in again from the last copy.',
  part: 'A display or faceplate of the same make',
  caution: MAINS_SIDE,
};
