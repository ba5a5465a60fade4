/** The document that was read; the demo's have no faults. */
export function whole<Value>(
  read: { ok: true; value: Value } | { ok: false; trouble: unknown },
): Value {
  if (read.ok) return read.value;
  throw new Error(`The demo data has faults: ${JSON.stringify(read.trouble)}`);
}
