import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App as AntApp, ConfigProvider } from 'antd';
import { lazy, Suspense, useEffect } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { BookPage } from '../book/BookPage';
import { startProfileSync } from '../profile/profileSync';
import { useLight } from './light';
import { NotFound } from './NotFound';
import { Shell } from './Shell';
import { themeOf } from './theme';
import { useReducedMotion } from './useReducedMotion';

const ProfilePage = lazy(() => import('../profile/ProfilePage'));
const TunePage = lazy(() => import('../tune/TunePage'));
const ChartPage = lazy(() => import('../chart/ChartPage'));
const VoicePage = lazy(() => import('../voice/VoicePage'));
const CompPage = lazy(() => import('../comp/CompPage'));
const StandPage = lazy(() => import('../stand/StandPage'));

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
});

export function App() {
  const light = useLight((state) => state.light);
  const still = useReducedMotion();
  useEffect(() => {
    document.documentElement.dataset['light'] = light;
  }, [light]);
  useEffect(startProfileSync, []);
  return (
    <ConfigProvider theme={themeOf(light, still)}>
      <AntApp component={false}>
        <QueryClientProvider client={queries}>
          <BrowserRouter>
            <Suspense fallback={<p className="quiet page">Opening…</p>}>
              <Routes>
                <Route element={<Shell />}>
                  <Route index element={<Navigate to="/book" replace />} />
                  <Route path="book" element={<BookPage />} />
                  <Route path="player" element={<ProfilePage />} />
                  <Route path="tune/:id" element={<TunePage />}>
                    <Route index element={<Navigate to="voice" replace />} />
                    <Route path="chart" element={<ChartPage />} />
                    <Route path="voice" element={<VoicePage />} />
                    <Route path="comp" element={<CompPage />} />
                    <Route path="stand" element={<StandPage />} />
                  </Route>
                  <Route path="*" element={<NotFound />} />
                </Route>
              </Routes>
            </Suspense>
          </BrowserRouter>
        </QueryClientProvider>
      </AntApp>
    </ConfigProvider>
  );
}
