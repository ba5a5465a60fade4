import type { Finding } from './check.js';

/** Findings that are told in one line: the first of them, and those like it. */
export interface FindingGroup<Found extends Finding = Finding> {
  readonly lead: Found;
  readonly like: readonly Found[];
}

/** Fewer than these stand by themselves. */
const LEAST_TOGETHER = 3;

/** Findings as they are shown: a cause above what comes of it, and many that are alike in one line. */
export function arranged<Found extends Finding>(findings: readonly Found[]): FindingGroup<Found>[] {
  const byKind = new Map<string, Found[]>();
  for (const finding of causesFirst(findings)) {
    const kind = kindOf(finding);
    byKind.set(kind, [...(byKind.get(kind) ?? []), finding]);
  }
  return [...byKind.values()].flatMap((alike) => {
    if (alike.length < LEAST_TOGETHER) return alike.map((lead) => ({ lead, like: [] }));
    const [lead, ...like] = alike;
    return [{ lead: lead!, like }];
  });
}

/** Collisions are alike where the same two programs meet; everything else where the same rule found it. */
const kindOf = ({ code, program, b }: Finding): string =>
  b ? `${code} ${program} ${b.program}` : code;

function causesFirst<Found extends Finding>(findings: readonly Found[]): Found[] {
  const causes = findings.filter(({ code }) => code === 'start-per-station');
  const others = findings.filter(({ code }) => code !== 'start-per-station');
  for (const cause of causes) {
    const at = others.findIndex(
      ({ program, b }) => program === cause.program && b?.program === cause.program,
    );
    others.splice(at < 0 ? others.length : at, 0, cause);
  }
  return others;
}
