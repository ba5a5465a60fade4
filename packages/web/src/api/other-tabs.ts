import type { QueryClient, QueryKey } from '@tanstack/react-query';

let channel: BroadcastChannel | null = null;

/** Tells the other tabs of this browser which answers are others now. */
export const tellOtherTabs = (touches: readonly QueryKey[]): void => channel?.postMessage(touches);

/** Asks anew for what another tab has written; from then on the others are told too. */
export function listenToOtherTabs(client: QueryClient): void {
  channel = new BroadcastChannel('water-clock-writes');
  channel.addEventListener('message', ({ data }: MessageEvent<readonly QueryKey[]>) => {
    for (const queryKey of data) void client.invalidateQueries({ queryKey });
  });
}
