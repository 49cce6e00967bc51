import type { ISchema } from 'yup';

/** The names of the `:parameters` of a path. */
export type PathParameter<Path extends string> =
  Path extends `${string}:${infer Name}/${infer Rest}`
    ? Name | PathParameter<`/${Rest}`>
    : Path extends `${string}:${infer Name}`
      ? Name
      : never;

/** One call of the HTTP contract: what is sent, what comes back. Server and web are both typed by it. */
export interface Endpoint<Path extends string, Body, Reply> {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: Path;
  readonly body?: ISchema<Body>;
  /** Only a type: never set. */
  readonly reply?: Reply;
}

/** Declares an endpoint; the reply's type is given first, the rest is inferred. */
export const endpoint =
  <Reply>() =>
  <Path extends string, Body = undefined>(spec: {
    method: Endpoint<Path, Body, Reply>['method'];
    path: Path;
    body?: ISchema<Body>;
  }): Endpoint<Path, Body, Reply> =>
    spec;
