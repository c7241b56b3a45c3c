export type { FieldProblem, ProblemDetails } from '@drop-close/core';
