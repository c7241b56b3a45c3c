/** One field of a request that is not as it should be. */
export interface FieldProblem {
  /** Where in the body: `setup.locks.guitar.0.at`. */
  readonly path: string;
  readonly message: string;
}

/** An error as it leaves the server. Source: RFC 9457, problem details for HTTP APIs. */
export interface ProblemDetails {
  readonly type: 'about:blank';
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly instance: string;
  readonly errors?: readonly FieldProblem[];
  /** On 409: what was sent and what is stored, so that neither is lost. */
  readonly yours?: unknown;
  readonly theirs?: unknown;
}
