import type { JobView } from '@drop-close/core';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { fileOf, isOnItsWay, useJobs } from './useJobs';

/** Tells the player, wherever they are by then, that long work is done. */
export function useFinished(): void {
  const { data } = useJobs();
  const { notification } = App.useApp();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const onTheirWay = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    if (!data) return;
    const done = data.filter((job) => onTheirWay.current.has(job.id) && !isOnItsWay(job));
    onTheirWay.current = new Set(data.filter(isOnItsWay).map(({ id }) => id));
    for (const job of done) {
      if (job.state === 'failed') {
        const description = job.problem;
        notification.error({ title: `Not made: ${job.title}`, description, duration: 0 });
        continue;
      }
      // The page of a set lists its parts.
      if (job.kind === 'parts' && window.location.pathname === pageOf(job)) continue;
      if (job.kind === 'etudes') void queries.invalidateQueries({ queryKey: ['sets'] });
      notification.success({
        ...{ key: job.id, title: `Ready: ${job.title}`, duration: 0 },
        description: job.notes.length ? job.notes.join(' ') : undefined,
        actions: <Fetch job={job} onOpen={open} />,
      });
    }
    function open(job: JobView): void {
      notification.destroy(job.id);
      void navigate(`${pageOf(job)}?sheet=voicings`);
    }
  }, [data, notification, queries, navigate]);
}

/** Where the set of a job is taken away. */
const pageOf = ({ setId }: JobView): string => `/set/${setId ?? ''}/take-away`;

interface FetchProps {
  readonly job: JobView;
  readonly onOpen: (job: JobView) => void;
}

function Fetch({ job, onOpen }: FetchProps) {
  if (job.kind === 'parts') {
    return (
      <Button href={fileOf(job)} download>
        Save the parts
      </Button>
    );
  }
  return (
    <Button
      onClick={() => {
        onOpen(job);
      }}
    >
      Open as a booklet
    </Button>
  );
}
