import type { EtudeRequest } from '@drop-close/core';
import { Button } from 'antd';
import { OnItsWay } from '../jobs/OnItsWay';
import { isOnItsWay, useJobActions, useJobs } from '../jobs/useJobs';

interface InAllKeysProps {
  readonly request: EtudeRequest;
  readonly tempo: number;
  readonly disabled: boolean;
}

/** The étude in all twelve keys as a set of the book, made by the server while one does something else. */
export function InAllKeys({ request, tempo, disabled }: InAllKeysProps) {
  const { data } = useJobs();
  const { askEtudes, remove } = useJobActions();
  const job = data?.find((each) => each.kind === 'etudes' && isOnItsWay(each));
  if (job) {
    return (
      <OnItsWay
        {...job}
        onCancel={() => {
          remove.mutate(job);
        }}
      />
    );
  }
  return (
    <Button
      disabled={disabled}
      loading={askEtudes.isPending}
      title="A set of twelve études, to be opened as a booklet and printed"
      onClick={() => {
        askEtudes.mutate({ request, tempo });
      }}
    >
      In all twelve keys, as a set
    </Button>
  );
}
