import type { EntryView } from '@drop-close/core';
import { Alert, Button, Input, Segmented, Select } from 'antd';
import { useMemo, useState } from 'react';
import { localDay } from '../base/localDay';
import { useNow } from '../base/useNow';
import { EntryForm } from './EntryForm';
import { LogCharts } from './LogCharts';
import { LogFiles } from './LogFiles';
import { LogTable } from './LogTable';
import { filterLog, HOW, KINDS, PERIODS, type EntryKind, type How } from './filterLog';
import { useLog } from '../items/useLog';
import './logbook.css';

/** What was done, when, how long and how well: by itself from practice, and by hand. */
export default function LogPage() {
  const log = useLog();
  const [period, setPeriod] = useState<number>(PERIODS[1].weeks);
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<EntryKind>('all');
  const [how, setHow] = useState<How>('any');
  const [form, setForm] = useState<EntryView | 'new'>();
  const today = localDay(useNow());
  const shown = useMemo(
    () => filterLog(log.data ?? [], { search, weeks: period, today, kind, how }),
    [log.data, search, period, today, kind, how],
  );
  if (log.isError) {
    return (
      <Alert type="warning" title="The logbook cannot be opened" description={log.error.message} />
    );
  }
  if (!log.data) return <p className="quiet">Opening the logbook…</p>;
  return (
    <>
      <div className="practise-bar">
        <Segmented
          aria-label="How far back"
          value={period}
          options={PERIODS.map(({ weeks, label }) => ({ value: weeks, label }))}
          onChange={setPeriod}
        />
        <Select<EntryKind>
          aria-label="What of it"
          value={kind}
          popupMatchSelectWidth={false}
          options={KINDS.map(({ id, label }) => ({ value: id, label }))}
          onChange={setKind}
        />
        <Select<How>
          aria-label="How it went"
          value={how}
          popupMatchSelectWidth={false}
          options={HOW.map(({ id, label }) => ({ value: id, label }))}
          onChange={setHow}
        />
        <Input.Search
          aria-label="Look for"
          className="practise-search"
          placeholder="Look for a tune, a form, a note"
          allowClear
          value={search}
          onChange={({ target }) => {
            setSearch(target.value);
          }}
        />
        <Button
          type="primary"
          onClick={() => {
            setForm('new');
          }}
        >
          Write an entry
        </Button>
        <LogFiles entries={log.data} />
      </div>
      {shown.length ? (
        <>
          <LogCharts entries={shown} today={today} weeks={period} />
          <LogTable
            entries={shown}
            onEdit={(entry) => {
              setForm(entry);
            }}
          />
        </>
      ) : (
        <p className="quiet">
          {log.data.length
            ? 'Nothing in the logbook is like that.'
            : 'The logbook is empty. What you practise is written here by itself; write down what you did elsewhere.'}
        </p>
      )}
      {form !== undefined && (
        <EntryForm
          entry={form === 'new' ? undefined : form}
          onClose={() => {
            setForm(undefined);
          }}
        />
      )}
    </>
  );
}
