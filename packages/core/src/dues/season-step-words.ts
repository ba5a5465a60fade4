import type { Speaker } from '../household-words/index.js';
import type { Percents } from './percents.js';

/** What a step of the season asks a household to set. */
export function seasonStepWords(speaker: Speaker, percents: Percents): string {
  if (!percents) return speaker.message('seasonStepOff');
  const all = Object.entries(percents);
  const isOne = new Set(all.map(([, percent]) => percent)).size <= 1;
  const words = isOne
    ? speaker.message('percent', { percent: all[0]?.[1] ?? 100 })
    : all.map(([of, percent]) => speaker.message('percentOf', { of, percent })).join(', ');
  return speaker.message('seasonStep', { percents: words });
}
