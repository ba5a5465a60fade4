/** What falls due within so many days is told as due, in the round and in lists. */
export const SOON_DAYS = 28;
