// The four pages whose weight and speed are promised: what a person without anything of ours on the device loads first.
import { randomUUID } from 'node:crypto';
import { timersOf } from './sign-in.js';
import { parseDate } from '@water-clock/core/civil-time';
import { readPlan } from '@water-clock/core/settings';
import { sheetOf } from '@water-clock/core/sheets';
import { TimerHandling } from '@water-clock/core/timer-types';

/**
 * @param {string} url of the application with the demo
 * @param {string} cookie of somebody who is signed in
 */
export async function fourPages(url, cookie) {
  const timers = await timersOf(url, cookie);
  const { id } = timers.find(({ name }) => name === 'Garage timer');
  return [
    { name: 'sign-in', path: '/sign-in', isSignedIn: false },
    { name: 'properties', path: '/properties', isSignedIn: true },
    { name: 'desk', path: `/timers/${id}`, isSignedIn: true },
    { name: 'share page', path: await shareLink(url, cookie, id), isSignedIn: false },
  ];
}

/** A link to a sheet of a timer, made through the API as the leave page makes it. */
async function shareLink(url, cookie, timerId) {
  const ask = async (path, body) => {
    const answer = await fetch(`${url}/api${path}`, {
      method: body ? 'POST' : 'GET',
      headers: { cookie, 'content-type': 'application/json' },
      ...(body && { body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer.json();
  };
  const { document } = await ask(`/timers/${timerId}/settings?on=2026-06-01`);
  const read = readPlan(document);
  const sheet = sheetOf({
    plan: read.value,
    on: parseDate('2026-06-01'),
    property: 'A home',
    timer: 'Garage timer',
    firm: 'Quillhaven Sprinkler Care',
    phone: '555 0100',
    handling: new TimerHandling(),
    clock: '24',
    language: 'en',
    due: [],
    confirmed: { of: 0, keyedIn: 0, unknown: 0 },
    moistureHeld: [],
    volumeWords: (litres) => `${Math.round(litres)} L`,
  });
  const id = randomUUID();
  await ask(`/timers/${timerId}/sheets`, { id, document: sheet });
  const { token } = await ask(`/sheets/${id}/links`, { days: 30 });
  return `/s/${token}`;
}
