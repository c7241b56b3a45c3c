import { useQuery } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { Suspense, useEffect } from 'react';
import { Outlet, useParams } from 'react-router';
import { api } from '../api/client';
import { startSaving } from '../document/tuneSaving';
import { ConflictDialog } from '../document/ConflictDialog';
import { GoneNote } from '../document/GoneNote';
import { keptEdits } from '../document/keptEdits';
import { openTune, type OpenedTune } from '../document/openTune';
import { useChartDesk } from '../chart/desk/useChartDesk';
import { useDocument } from '../document/store';
import { TakenInNote } from '../document/TakenInNote';
import { openTabs, TAB } from '../local/tabs';
import { keepVoiced, useReading } from '../engine/useChorus';
import { stop } from '../playback/player';
import { usePlayer } from '../playback/usePlayer';
import { TransportBar } from '../playback/TransportBar';
import { useBandInStep } from '../playback/useBand';
import { useWarmUp } from '../playback/useWarmUp';
import { HistorySheet } from './history/HistorySheet';
import { usePlaceInAddress } from '../place/selection';
import { TuneHead } from './TuneHead';
import { useBegin } from './useBegin';
import { useKeys } from './useKeys';
import './tune.css';

interface OpenedHere extends OpenedTune {
  /** Closed tabs whose edit this is by now. */
  readonly adopted: readonly string[];
}

/** The tune with the latest edit that a tab of this browser keeps of it. */
async function openKept(id: string): Promise<OpenedHere> {
  const [edits, isOpen] = await Promise.all([keptEdits(id), openTabs()]);
  const [latest] = edits;
  const adopted =
    latest && latest.tab !== TAB && !isOpen(latest.tab, latest.at) ? [latest.tab] : [];
  return { ...(await openTune(api, id, latest)), adopted };
}

/** One tune on the desk: opened, kept saved, voiced, playable; its screens stand inside. */
export default function TunePage() {
  const { id = '' } = useParams();
  const opened = useQuery({
    queryKey: ['open tune', id],
    queryFn: () => openKept(id),
    gcTime: 0,
    staleTime: Infinity,
    refetchOnMount: false,
    refetchOnReconnect: false,
    meta: { opensOnce: true },
  });
  const { data } = opened;
  useWarmUp();
  useEffect(() => {
    if (!data) return undefined;
    const { open, setSave } = useDocument.getState();
    open(data.document, data.origin, data.stored);
    setSave(data.save);
    return startSaving(data.adopted);
  }, [data]);
  const onDesk = useDocument((state) => state.origin?.tuneId === id && !!state.history);

  if (opened.isError) {
    return (
      <main className="page">
        <Alert
          type="warning"
          title="This tune cannot be opened"
          description={opened.error.message}
          action={<Button onClick={() => void opened.refetch()}>Try again</Button>}
        />
      </main>
    );
  }
  return onDesk && data ? <Desk /> : <p className="page quiet">Opening the tune…</p>;
}

/** Keeps address, reading, voicing, band and keys in step with the tune; it draws nothing, so edits are cheap. */
function InStep() {
  usePlaceInAddress();
  useReading();
  useBandInStep();
  useKeys();
  useBegin();
  useEffect(keepVoiced, []);
  useEffect(
    () => () => {
      stop();
      // The bars of one tune are not those of the next, and each begins with its changes.
      usePlayer.getState().setListening({ stretch: undefined });
      useChartDesk.setState({ side: 'Text' });
    },
    [],
  );
  return null;
}

function Desk() {
  return (
    <>
      <InStep />
      <TuneHead />
      <Suspense fallback={<p className="page quiet">Opening…</p>}>
        <Outlet />
      </Suspense>
      <TransportBar />
      <GoneNote />
      <TakenInNote />
      <ConflictDialog />
      <HistorySheet />
    </>
  );
}
