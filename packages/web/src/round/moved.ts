/** A list in which one stands at another place. */
export function moved(ids: readonly string[], id: string, to: number): string[] {
  const others = ids.filter((one) => one !== id);
  return [...others.slice(0, to), id, ...others.slice(to)];
}
