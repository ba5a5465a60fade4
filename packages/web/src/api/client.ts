/** One fault of what was sent, by its path. */
export interface ProblemPlace {
  readonly path: string;
  readonly message: string;
}

/** A request that the server refused, or that did not reach it (status 0). */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly places: readonly ProblemPlace[] = [],
  ) {
    super(detail);
  }
}

interface ProblemBody {
  readonly title?: string;
  readonly detail?: string;
  readonly errors?: readonly ProblemPlace[];
}

/** Browsers keep requests alive beyond their page up to 64 KiB; a letter may take three bytes. */
const LARGEST_KEPT_ALIVE = 20_000;

/** Longer than anything of ours takes, on a weak signal too: what has not come by then does not come. */
const LONGEST_ANSWER_MS = 60_000;

interface Asked {
  readonly method: string;
  readonly body?: unknown;
  readonly withinMs?: number;
}

/**
 * Sends to a path of the server; a refusal, and no answer within some time, is thrown as {@link ApiError}. An answer
 * without content is undefined.
 */
export async function send(
  path: string,
  { method, body, withinMs = LONGEST_ANSWER_MS }: Asked,
): Promise<unknown> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  const answer = await fetch(path, {
    method,
    ...(text !== undefined && { body: text, headers: { 'content-type': 'application/json' } }),
    // A write arrives though the page is left at the same moment.
    keepalive: method !== 'GET' && (text?.length ?? 0) < LARGEST_KEPT_ALIVE,
    signal: AbortSignal.timeout(withinMs),
  }).catch(cannotBeReached);
  if (answer.ok)
    return answer.status === 204 ? undefined : await answer.json().catch(cannotBeReached);
  const problem = (await answer.json().catch(() => ({}))) as ProblemBody;
  throw new ApiError(
    answer.status,
    problem.title ?? 'Something went wrong',
    problem.detail ?? 'The server could not carry this out.',
    problem.errors,
  );
}

function cannotBeReached(): never {
  throw new ApiError(
    0,
    'No connection',
    'The server cannot be reached. Check the connection and try again.',
  );
}

/** What went wrong, with each place, in one sentence or more. */
export function troubleInWords(error: unknown): string {
  if (!(error instanceof ApiError)) return error instanceof Error ? error.message : String(error);
  const places = error.places.map(({ path, message }) => `${path}: ${message}.`).join(' ');
  return [error.message, places].filter(Boolean).join(' ');
}
