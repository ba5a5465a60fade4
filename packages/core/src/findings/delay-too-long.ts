import { lengthInWords } from '../words/index.js';
import { rule } from './finding.js';

/** A wait between stations that the timer cannot be set to. */
export const delayTooLong = rule('delay-too-long', 'error', ({ plan: { timer, controller } }) => {
  const { stationDelaySeconds } = controller;
  const most = timer.maxStationDelaySeconds;
  if (stationDelaySeconds <= most) return [];
  const limit = most === 0 ? 'has none' : `takes no more than ${lengthInWords(most)}`;
  return [
    {
      message: `The wait between stations is ${lengthInWords(stationDelaySeconds)}, and this timer ${limit}.`,
      fix: `Set the wait between stations to ${lengthInWords(most)}${most === 0 ? '' : ' or less'}.`,
    },
  ];
});
