import Joi from 'joi';

/** Who may call an endpoint. writer: everybody who may open the application. reviewer: whoever has a link to a piece. */
export type Access = 'writer' | 'reviewer';

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

type Nothing = Record<string, never>;

/** What is asked of an endpoint, and what it answers; both sides take the types from here. */
export interface Endpoint<P = Nothing, Q = Nothing, B = undefined, A = unknown> {
  method: Method;
  /** ":id" stands for a parameter. */
  path: string;
  access: Access;
  /** Of a whole answer; 204 when there is nothing to say. */
  status: 200 | 201 | 204;
  params: Joi.ObjectSchema<P>;
  query: Joi.ObjectSchema<Q>;
  /** null: none. bytes: the body is a file of at most so many bytes. */
  body: Joi.Schema<B> | { bytes: number } | null;
  /** Only for the types. */
  readonly answers?: A;
}

// biome-ignore lint/suspicious/noExplicitAny: stands for every endpoint
export type AnyEndpoint = Endpoint<any, any, any, any>;
export type ParamsOf<E> = E extends Endpoint<infer P, infer _Q, infer _B, infer _A> ? P : never;
export type QueryOf<E> = E extends Endpoint<infer _P, infer Q, infer _B, infer _A> ? Q : never;
export type BodyOf<E> = E extends Endpoint<infer _P, infer _Q, infer B, infer _A> ? B : never;
export type AnswerOf<E> = E extends Endpoint<infer _P, infer _Q, infer _B, infer A> ? A : never;

const none = (): Joi.ObjectSchema<Nothing> => Joi.object<Nothing>({});

/** Says what an endpoint answers. */
export const answer = <A>(): { readonly answers?: A } => ({});

export function endpoint<P = Nothing, Q = Nothing, B = undefined, A = void>(
  method: Method,
  path: string,
  spec: Partial<Pick<Endpoint<P, Q, B, A>, 'params' | 'query' | 'body' | 'status' | 'access'>> & {
    answer?: { readonly answers?: A };
  },
): Endpoint<P, Q, B, A> {
  return {
    method,
    path,
    access: spec.access ?? 'writer',
    status: spec.status ?? (spec.answer ? 200 : 204),
    params: spec.params ?? (none() as unknown as Joi.ObjectSchema<P>),
    query: spec.query ?? (none() as unknown as Joi.ObjectSchema<Q>),
    body: spec.body ?? null,
  };
}

/** Ids as the server makes them; anything else is nobody's. */
export const byId = Joi.object<{ id: string }>({ id: Joi.string().max(64).required() });

/** The address of an endpoint with its parameters and query filled in. */
export function addressOf(
  { path }: Pick<AnyEndpoint, 'path'>,
  params: Record<string, string> = {},
  query: Record<string, string | number | boolean | undefined> = {},
): string {
  const filled = path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ''));
  const asked = Object.entries(query).flatMap(([k, v]) => (v === undefined ? [] : [[k, String(v)]]));
  return asked.length ? `${filled}?${new URLSearchParams(asked)}` : filled;
}
