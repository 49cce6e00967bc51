import type { Said } from '#core/learning/said';

/**
 * The body of every refusal: application/problem+json (RFC 9457). What happened is data, and becomes a sentence where it
 * is read; `title`, `detail` and `message` are the same in English, for other programs.
 */
export interface Problem {
  readonly type: 'about:blank';
  readonly title: string;
  readonly status: number;
  /** What happened and the way out. */
  readonly detail: string;
  readonly says: { readonly title: Said; readonly detail: Said };
  readonly errors?: readonly (FieldError & { readonly message: string })[];
}

/** A field that is at fault. */
export interface FieldError {
  /** Path of the field in the body, such as `seats[2].name`. */
  readonly field: string;
  readonly says: Said;
}
