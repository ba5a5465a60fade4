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

/** Sends to a path of the server; a refusal is thrown as {@link ApiError}. An answer without content is undefined. */
export async function send(
  path: string,
  { method, body }: { readonly method: string; readonly body?: unknown },
): Promise<unknown> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  const answer = await fetch(path, {
    method,
    ...(text !== undefined && { body: text, headers: { 'content-type': 'application/json' } }),
    // A write arrives though the page is left at the same moment.
    keepalive: method !== 'GET' && (text?.length ?? 0) < LARGEST_KEPT_ALIVE,
  }).catch(() => {
    throw new ApiError(
      0,
      'No connection',
      'The server cannot be reached. Check the connection and try again.',
    );
  });
  if (answer.ok) return answer.status === 204 ? undefined : await answer.json();
  const problem = (await answer.json().catch(() => ({}))) as ProblemBody;
  throw new ApiError(
    answer.status,
    problem.title ?? 'Something went wrong',
    problem.detail ?? 'The server could not carry this out.',
    problem.errors,
  );
}

/** What went wrong, with each place, in one sentence or more. */
export function troubleInWords(error: unknown): string {
  if (!(error instanceof ApiError)) return error instanceof Error ? error.message : String(error);
  const places = error.places.map(({ path, message }) => `${path}: ${message}.`).join(' ');
  return [error.message, places].filter(Boolean).join(' ');
}
