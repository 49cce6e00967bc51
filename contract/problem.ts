/** The body of every refusal: application/problem+json (RFC 9457), with the fields that are at fault. */
export interface Problem {
  readonly type: 'about:blank';
  readonly title: string;
  readonly status: number;
  /** What happened and the way out, for a person. */
  readonly detail: string;
  readonly errors?: readonly FieldError[];
}

export interface FieldError {
  /** Path of the field in the body, such as `seats[2].name`. */
  readonly field: string;
  readonly message: string;
}
