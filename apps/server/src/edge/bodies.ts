import { ArrangementBody, ArrangementSave } from '../arrangements/arrangement.dto';
import { PutTuneBody } from '../book/book.dto';
import { EnterBody, PassphraseBody } from '../door/door.dto';
import { TunesBody } from '../incoming/incoming.dto';
import { EtudesBody, PartsBody } from '../jobs/job.dto';
import { LickBody, LickSave } from '../licks/lick.dto';
import { PracticeNotesBody } from '../practice/items/note.dto';
import { EntriesBody, EntrySave } from '../practice/log/entry.dto';
import { SessionNew, SessionSave } from '../practice/sessions/session.dto';
import { ProfileSave } from '../profile/profile.dto';
import { SetBody, SetSave } from '../sets/set.dto';
import { SoloBody, SoloSave } from '../solos/solo.dto';
import { TrackBody } from '../tracks/track.dto';
import { TuneNew, TuneSave } from '../tunes/tune.dto';

/** Every class of a request's body, by its name: a worker is told the name. */
const BODIES = [
  ArrangementBody,
  ArrangementSave,
  EnterBody,
  EntriesBody,
  EntrySave,
  EtudesBody,
  LickBody,
  LickSave,
  PartsBody,
  PassphraseBody,
  PracticeNotesBody,
  ProfileSave,
  PutTuneBody,
  SetBody,
  SessionNew,
  SessionSave,
  SetSave,
  SoloBody,
  SoloSave,
  TrackBody,
  TuneNew,
  TuneSave,
  TunesBody,
] as const;

export type BodyClass = new () => object;

export const bodyClasses: ReadonlyMap<string, BodyClass> = new Map(
  BODIES.map((each) => [each.name, each]),
);
