/**
 * The moment of an observation as a device gave it; a device whose clock is ahead of ours gets ours, so that
 * nothing is observed in the future.
 */
export function observedAt(given: string | undefined, now: Date): Date {
  const moment = given === undefined ? now : new Date(given);
  return moment > now ? now : moment;
}
