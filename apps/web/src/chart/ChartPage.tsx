import { Input } from 'antd';
import { useRef } from 'react';
import { useDocument, useTune } from '../document/store';
import { useChorus } from '../engine/useChorus';
import { ChartFields } from './ChartFields';
import { ChartProblems } from './ChartProblems';
import { ChartSheet } from './ChartSheet';
import './chart.css';

/** The changes as typed, and as they read, side by side. */
export default function ChartPage() {
  const { text } = useTune();
  const chorus = useChorus();
  const field = useRef<HTMLElement | null>(null);
  const { dispatch, undo, redo } = useDocument.getState();
  const onKeyDown = (event: React.KeyboardEvent): void => {
    if (!(event.ctrlKey || event.metaKey)) return;
    const key = event.key.toLowerCase();
    if (key !== 'z' && key !== 'y') return;
    event.preventDefault();
    if (key === 'y' || event.shiftKey) redo();
    else undo();
  };
  return (
    <main className="chart page">
      <section className="chart-typed" aria-label="The changes as typed">
        <ChartFields />
        <Input.TextArea
          ref={(area) => {
            field.current = area?.resizableTextArea?.textArea ?? null;
          }}
          className="chart-text"
          aria-label="Changes"
          aria-describedby="chart-help"
          value={text}
          spellCheck={false}
          autoSize={{ minRows: 10, maxRows: 24 }}
          onKeyDown={onKeyDown}
          onChange={(event) => {
            dispatch({ type: 'write changes', text: event.target.value });
          }}
        />
        <p id="chart-help" className="quiet chart-help">
          <b>|</b> bar line <b>%</b> repeat the bar <b>.</b> hold the chord <b>|: :|</b> repeat{' '}
          <b>(1</b> <b>(2</b> endings <b>[A]</b> section
        </p>
        {chorus && <ChartProblems problems={chorus.problems} text={text} field={field} />}
      </section>
      {chorus && <ChartSheet chart={chorus.chart} />}
    </main>
  );
}
