/** What is typed into a field: which keys a device without its own brings up, and which it lacks. */
export const KEYS_WANTED = {
  words: { inputMode: 'text', extra: [] },
  whole: { inputMode: 'numeric', extra: [] },
  number: { inputMode: 'decimal', extra: [] },
  signed: { inputMode: 'decimal', extra: ['-'] },
  list: { inputMode: 'numeric', extra: [','] },
  length: { inputMode: 'decimal', extra: [':', 'h', 'm', 's'] },
  time: { inputMode: 'numeric', extra: [':', 'am', 'pm'] },
} as const;

export type KeysWanted = keyof typeof KEYS_WANTED;

/** The attributes of a field into which something of that kind is typed. */
export const wanting = (keys: KeysWanted) => ({
  inputMode: KEYS_WANTED[keys].inputMode,
  'data-keys': keys,
});
