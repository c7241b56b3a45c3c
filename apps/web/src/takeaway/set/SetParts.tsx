import { DeleteOutlined, DownloadOutlined } from '@ant-design/icons';
import { READER_IDS, READERS, type JobView, type ReaderId, type SheetKind } from '@drop-close/core';
import { Button, Checkbox, Popover } from 'antd';
import { useState } from 'react';
import { OnItsWay } from '../../jobs/OnItsWay';
import { holds } from '../../ui/holds';
import { fileOf, isOnItsWay, useJobActions, useJobs } from '../../jobs/useJobs';

/** A small band: whoever plays from concert pitch, and the usual horns. */
const USUAL: readonly ReaderId[] = ['concert', 'tenor sax', 'trumpet'];

const WHO = 'Who needs parts?';
const MAKE = 'Make the parts';

interface PartsAskerProps {
  readonly setId: string;
  readonly kind: SheetKind;
  readonly numbers: boolean;
}

/** Asks for the parts of everybody in the band, for all tunes of a set. */
export function PartsAsker({ setId, kind, numbers }: PartsAskerProps) {
  const [isOpen, setIsOpen] = useState(false);
  const [readers, setReaders] = useState<readonly ReaderId[]>(USUAL);
  const { askParts } = useJobActions();
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      open={isOpen}
      onOpenChange={setIsOpen}
      title={WHO}
      content={
        <div className="set-readers">
          <Checkbox.Group<ReaderId>
            aria-label={WHO}
            value={[...readers]}
            options={READER_IDS.map((value) => ({ value, label: READERS[value].label }))}
            onChange={setReaders}
          />
          <p className="quiet">A .zip with a folder for each, one MusicXML file a tune.</p>
          <Button
            type="primary"
            disabled={!readers.length}
            loading={askParts.isPending}
            onClick={() => {
              askParts.mutate({ ...{ setId, kind, readers, numbers } });
              setIsOpen(false);
            }}
          >
            {MAKE}
          </Button>
        </div>
      }
    >
      <Button {...holds([...READER_IDS.map((id) => READERS[id].label), MAKE])}>
        Everyone’s parts
      </Button>
    </Popover>
  );
}

/** The parts of a set that are there, and those that are being made. */
export function PartsList({ setId }: { readonly setId: string }) {
  const { data } = useJobs();
  const { remove } = useJobActions();
  const jobs = data?.filter((job) => job.kind === 'parts' && job.setId === setId) ?? [];
  if (!jobs.length) return null;
  return (
    <ul className="set-parts" aria-label="Parts">
      {jobs.map((job) => (
        <li key={job.id}>
          <b>{job.title}</b>
          <PartsState
            job={job}
            onRemove={() => {
              remove.mutate(job);
            }}
          />
        </li>
      ))}
    </ul>
  );
}

interface PartsStateProps {
  readonly job: JobView;
  readonly onRemove: () => void;
}

function PartsState({ job, onRemove }: PartsStateProps) {
  if (isOnItsWay(job)) return <OnItsWay {...job} onCancel={onRemove} />;
  return (
    <>
      {job.state === 'failed' ? (
        <span role="status">{job.problem}</span>
      ) : (
        <Button
          icon={<DownloadOutlined aria-hidden />}
          href={fileOf(job)}
          download
          aria-label={`Save the parts: ${job.title}`}
        >
          Parts (.zip)
        </Button>
      )}
      <Button
        type="text"
        icon={<DeleteOutlined aria-hidden />}
        aria-label={`Throw the parts away: ${job.title}`}
        onClick={onRemove}
      />
      {job.notes.map((note) => (
        <p key={note} className="quiet">
          {note}
        </p>
      ))}
    </>
  );
}
