/** True for the same JSON, whatever the order of its fields: the database keeps an order of its own. */
export const isSameJson = (a: unknown, b: unknown): boolean =>
  JSON.stringify(a, inOrder) === JSON.stringify(b, inOrder);

const inOrder = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([x], [y]) => (x < y ? -1 : 1)))
    : value;
