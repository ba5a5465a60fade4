import { useEffect, useState } from 'react';

/** A value once it has stayed the same for a while. */
export function useSettled<Value>(value: Value, afterMs: number): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const wait = setTimeout(() => setSettled(value), afterMs);
    return () => clearTimeout(wait);
  }, [value, afterMs]);
  return settled;
}
