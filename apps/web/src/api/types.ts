export type {
  ArrangementFields,
  ArrangementView,
  ProfileView,
  SetFields,
  SetView,
  SoloFields,
  SoloView,
  TuneFields,
  TuneGlance,
  TuneView,
} from '@drop-close/core';
import type { ProblemDetails } from '@drop-close/core';

/** What of an answer that says no is used here. */
export type Problem = Pick<
  ProblemDetails,
  'status' | 'title' | 'detail' | 'errors' | 'yours' | 'theirs'
>;
