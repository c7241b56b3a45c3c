import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App as AntApp, ConfigProvider } from 'antd';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { BookPage } from '../book/BookPage';
import { useServer } from '../api/client';
import { startKeeping } from '../document/startKeeping';
import { startProfileSync } from '../profile/profileSync';
import { DoorPage } from './DoorPage';
import { useLight } from './light';
import { keepApplication } from './newVersion';
import { NotFound } from './NotFound';
import { ScreenBoundary } from './ScreenBoundary';
import { Shell } from './Shell';
import { themeOf } from './theme';
import { FirstPage } from '../welcome/FirstPage';
import { useReducedMotion } from './useReducedMotion';

const ProfilePage = lazy(() => import('../profile/ProfilePage'));
const TunePage = lazy(() => import('../tune/TunePage'));
const ChartPage = lazy(() => import('../chart/ChartPage'));
const VoicePage = lazy(() => import('../voice/VoicePage'));
const CompPage = lazy(() => import('../comp/CompPage'));
const PractisePage = lazy(() => import('../practise/today/PractisePage'));
const PractiseTunePage = lazy(() => import('../practise/tune/PractiseTunePage'));
const TakeAwayPage = lazy(() => import('../takeaway/TakeAwayPage'));
const BringInPage = lazy(() => import('../bringin/BringInPage'));
const SetTakeAwayPage = lazy(() => import('../takeaway/set/SetTakeAwayPage'));
const WholeBookPage = lazy(() => import('../wholebook/WholeBookPage'));
const WelcomePage = lazy(() => import('../welcome/WelcomePage'));
const HelpPage = lazy(() => import('../help/HelpPage'));
const StandPage = lazy(() => import('../stand/StandPage'));

const queries = new QueryClient({
  // Asked also where the browser thinks there is no network: the server may be on this machine, and what is
  // kept here answers where it is not.
  defaultOptions: {
    queries: { retry: 1, refetchOnWindowFocus: false, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});

function Screens() {
  return (
    <Routes>
      <Route element={<Shell />}>
        <Route index element={<FirstPage />} />
        <Route path="welcome" element={screen('Welcome', <WelcomePage />)} />
        <Route path="help" element={screen('Help', <HelpPage />)} />
        <Route path="book" element={screen('The book', <BookPage />)} />
        <Route path="practise/*" element={screen('Practise', <PractisePage />)} />
        <Route path="set/:id/take-away" element={screen('Take away', <SetTakeAwayPage />)} />
        <Route path="whole-book" element={screen('The whole book', <WholeBookPage />)} />
        <Route path="bring-in" element={screen('Bring in', <BringInPage />)} />
        <Route path="player" element={screen('Hands and instrument', <ProfilePage />)} />
        <Route path="tune/:id" element={screen('The tune', <TunePage />)}>
          <Route index element={<Navigate to="voice" replace />} />
          <Route path="chart" element={screen('Chart', <ChartPage />)} />
          <Route path="voice" element={screen('Voice', <VoicePage />)} />
          <Route path="comp" element={screen('Comp', <CompPage />)} />
          <Route path="practise" element={screen('Practise', <PractiseTunePage />)} />
          <Route path="take-away" element={screen('Take away', <TakeAwayPage />)} />
          <Route path="stand" element={screen('Stand', <StandPage />)} />
        </Route>
        <Route path="*" element={<NotFound />} />
      </Route>
    </Routes>
  );
}

const screen = (name: string, page: ReactNode): ReactNode => (
  <ScreenBoundary screen={name}>{page}</ScreenBoundary>
);

/**
 * Lists that came from what is kept here are asked for again once the server answers. A tune on the desk is
 * not: opened again, it would lose what was done since.
 */
const askAgainWhenBack = (): (() => void) =>
  useServer.subscribe(({ away, locked }, before) => {
    const isBack = (before.away && !away) || (before.locked && !locked);
    if (!isBack) return;
    void queries.invalidateQueries({ predicate: ({ meta }) => !meta?.['opensOnce'] });
  });

export function App() {
  const light = useLight((state) => state.light);
  const still = useReducedMotion();
  const locked = useServer((state) => state.locked);
  useEffect(() => {
    document.documentElement.dataset['light'] = light;
  }, [light]);
  useEffect(startProfileSync, []);
  useEffect(startKeeping, []);
  useEffect(keepApplication, []);
  useEffect(askAgainWhenBack, []);
  return (
    <ConfigProvider theme={themeOf(light, still)}>
      <AntApp component={false}>
        <QueryClientProvider client={queries}>
          <BrowserRouter>
            <Suspense fallback={<p className="quiet page">Opening…</p>}>
              {locked ? <DoorPage /> : <Screens />}
            </Suspense>
          </BrowserRouter>
        </QueryClientProvider>
      </AntApp>
    </ConfigProvider>
  );
}
