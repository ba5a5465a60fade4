// Work as nobody wants it, for threads of tests.
const WORK = {
  echo: (input) => input,
  fail: (input) => {
    throw new Error(input);
  },
  endless: () => {
    for (;;);
  },
  greedy: () => {
    const all = [];
    for (;;) all.push(new Array(1_000_000).fill(all.length));
  },
};

export default ({ name, input, begun }) => {
  begun.postMessage(null);
  return WORK[name](input);
};
