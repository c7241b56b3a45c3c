import { Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { openPalette } from '../palette/Palette';
import { found, type Task } from './search';
import { TASKS } from './tasks';
import './help.css';

/** The five tasks of a week, each in six lines with its picture, searchable. */
export default function HelpPage() {
  const [search, setSearch] = useState('');
  const tasks = found(TASKS, search);
  return (
    <main className="page help">
      <header className="help-head">
        <h1>Help</h1>
        <Input.Search
          aria-label="Search the help"
          placeholder="Search: lock, paste, transpose…"
          allowClear
          value={search}
          onChange={({ target }) => {
            setSearch(target.value);
          }}
        />
      </header>
      <p>
        Five things a week brings. On every screen <kbd>?</kbd> lists the keys, and{' '}
        <button type="button" className="help-find" onClick={openPalette}>
          Ctrl K finds any action, tune or setting
        </button>
        .
      </p>
      <p>
        <Link to="/welcome">The first questions again</Link>
      </p>
      <div role="status" className="quiet">
        {tasks.length === 0 && 'Nothing here says that. Try another word.'}
      </div>
      {tasks.map((task) => (
        <TaskPart key={task.id} task={task} />
      ))}
    </main>
  );
}

const TaskPart = ({ task: { id, title, picture, about, steps } }: { readonly task: Task }) => (
  <section aria-labelledby={id} className="help-task">
    <div>
      <h2 id={id}>{title}</h2>
      <ol>
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </div>
    <img src={picture} alt={about} loading="lazy" width={1280} height={800} />
  </section>
);
