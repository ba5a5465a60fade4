/** What a call of the command line came to. Standard output is empty unless it succeeded. */
export interface Outcome {
  /** 0: done; 1: `check` found an error; 2: bad input or usage. */
  readonly exitCode: 0 | 1 | 2;
  /** Printed as it is. */
  readonly out: string;
  readonly messages: readonly string[];
}

export const printed = (value: unknown, exitCode: 0 | 1 = 0): Outcome => ({
  exitCode,
  out: `${JSON.stringify(value, null, 1)}\n`,
  messages: [],
});

export const refused = (messages: readonly string[]): Outcome => ({
  exitCode: 2,
  out: '',
  messages,
});
