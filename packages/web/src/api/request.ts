import { send } from './client';
import type { components, paths } from './generated';

/** What the API's description calls its things. */
export type Api = components['schemas'];

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';
type Asked<P extends keyof paths, M extends Method> = NonNullable<paths[P][M]>;
type PathsOf<M extends Method> = {
  [P in keyof paths]: [Asked<P, M>] extends [never] ? never : P;
}[keyof paths];

type Given<Operation, Place extends 'path' | 'query'> = Operation extends {
  readonly parameters: { readonly [place in Place]: infer Values };
}
  ? { readonly [place in Place]: Values }
  : Operation extends { readonly parameters: { readonly [place in Place]?: infer Values } }
    ? [Exclude<Values, undefined>] extends [never]
      ? unknown
      : { readonly [place in Place]?: Exclude<Values, undefined> }
    : unknown;
type Body<Operation> = Operation extends {
  readonly requestBody: { readonly content: { readonly 'application/json': infer Sent } };
}
  ? { readonly body: Sent }
  : unknown;
type Answered<Operation> = Operation extends { readonly responses: infer All }
  ? All[keyof All] extends { readonly content: { readonly 'application/json': infer Answer } }
    ? Answer
    : undefined
  : never;

/** The ids in the path, what stands after its question mark, and what is sent: as the route has them. */
export type AskedWith<P extends keyof paths, M extends Method> = Given<Asked<P, M>, 'path'> &
  Given<Asked<P, M>, 'query'> &
  Body<Asked<P, M>>;
export type AnswerTo<P extends keyof paths, M extends Method> = Answered<Asked<P, M>>;

interface Loose {
  readonly path?: Readonly<Record<string, string | number>>;
  readonly query?: Readonly<Record<string, string | number>>;
  readonly body?: unknown;
}

/**
 * Asks the API by one of its routes; refusals are thrown as {@link ApiError}.
 * @example request('get', '/api/copies/{copyId}', { path: { copyId } })
 */
export function request<M extends Method, P extends PathsOf<M>>(
  method: M,
  route: P,
  ...[given]: unknown extends AskedWith<P, M> ? [] : [AskedWith<P, M>]
): Promise<AnswerTo<P, M>> {
  const { path = {}, query, body }: Loose = given ?? {};
  const words = query && new URLSearchParams(mapValues(query));
  const place = route.replace(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(String(path[name])),
  );
  return send(`${place}${words ? `?${words.toString()}` : ''}`, {
    method: method.toUpperCase(),
    body,
  }) as Promise<AnswerTo<P, M>>;
}

const mapValues = (values: Readonly<Record<string, string | number>>): Record<string, string> =>
  Object.fromEntries(Object.entries(values).map(([key, value]) => [key, String(value)]));
