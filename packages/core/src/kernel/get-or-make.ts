/** The value of a key, made where there is none yet. */
export function getOrMake<Key, Value>(values: Map<Key, Value>, key: Key, make: () => Value): Value {
  const known = values.get(key);
  if (known !== undefined) return known;
  const made = make();
  values.set(key, made);
  return made;
}
