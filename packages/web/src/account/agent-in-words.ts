/** What a browser says that it runs on, as far as it helps to tell one from another. */
export const agentInWords = (agent: string): string =>
  /mobi/i.test(agent) ? 'A telephone' : 'A computer';
