import { lazy, Suspense, useEffect } from 'react';
import { NavLink, Route, Routes } from 'react-router';
import { SessionEnd } from '../session/SessionEnd';
import { WaitingNote } from '../items/WaitingNote';
import { Today } from './Today';
import '../base/practise.css';

const ItemsPage = lazy(() => import('../all/ItemsPage'));
const LogPage = lazy(() => import('../logbook/LogPage'));
const FormPage = lazy(() => import('../form/FormPage'));
const HolesPage = lazy(() => import('../holes/HolesPage'));

/** What to practise today and why; what was practised; where the holes are. */
export default function PractisePage() {
  useEffect(() => {
    document.title = 'Practise – Drop Close';
    return () => {
      document.title = 'Drop Close';
    };
  }, []);
  return (
    <main className="page practise">
      <div className="practise-head">
        <h1>Practise</h1>
        <nav aria-label="Practise">
          <NavLink to="/practise" end>
            Today
          </NavLink>
          <NavLink to="/practise/logbook">Logbook</NavLink>
          <NavLink to="/practise/holes">Map of holes</NavLink>
          <NavLink to="/practise/items">All practised</NavLink>
        </nav>
      </div>
      <WaitingNote />
      <SessionEnd />
      <Suspense fallback={<p className="quiet">Opening…</p>}>
        <Routes>
          <Route index element={<Today />} />
          <Route path="logbook" element={<LogPage />} />
          <Route path="form" element={<FormPage />} />
          <Route path="items" element={<ItemsPage />} />
          <Route path="holes" element={<HolesPage />} />
        </Routes>
      </Suspense>
    </main>
  );
}
