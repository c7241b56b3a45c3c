import { defaultKeymap } from '@codemirror/commands';
import { setDiagnostics, type Diagnostic } from '@codemirror/lint';
import { EditorState, Transaction } from '@codemirror/state';
import { EditorView, keymap, placeholder } from '@codemirror/view';
import type { ChartProblem } from '@drop-close/core';
import { useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import { mended, offsetOf } from '../desk/mend';
import { chartHighlight } from './highlight';

export interface ChangesEditorHandle {
  /** Puts the cursor on a problem. */
  readonly show: (problem: ChartProblem) => void;
}

interface ChangesEditorProps {
  readonly value: string;
  readonly problems: readonly ChartProblem[];
  readonly onChange: (text: string) => void;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly ref: Ref<ChangesEditorHandle>;
}

/** The changes as text, its words in their roles and its problems underlined where they stand. */
export function ChangesEditor(props: ChangesEditorProps) {
  const { value, problems, ref } = props;
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const latest = useRef(props);
  useEffect(() => {
    latest.current = props;
  });
  useEffect(() => {
    const editor = new EditorView({
      parent: host.current!,
      state: EditorState.create({ doc: latest.current.value, extensions: extensions(latest) }),
    });
    view.current = editor;
    return () => {
      editor.destroy();
      view.current = null;
    };
  }, []);
  useEffect(() => {
    if (view.current) take(view.current, value);
  }, [value]);
  useEffect(() => {
    const editor = view.current;
    if (editor?.state.doc.toString() !== value) return;
    const diagnostics = problems.map((problem) => diagnosticOf(value, problem, latest));
    editor.dispatch(setDiagnostics(editor.state, diagnostics));
  }, [problems, value]);
  useImperativeHandle(ref, () => ({
    show: (problem) => {
      const editor = view.current;
      if (!editor) return;
      const [from, to] = rangeOf(editor.state.doc.toString(), problem);
      editor.focus();
      editor.dispatch({ selection: { anchor: from, head: to }, scrollIntoView: true });
    },
  }));
  return <div ref={host} className="chart-text" />;
}

interface Latest {
  readonly current: ChangesEditorProps;
}

/** Undo is the desk's own, so that it goes across text, sheet and voicings alike. */
function extensions(latest: Latest) {
  const run = (command: () => void) => () => {
    command();
    return true;
  };
  const undo = run(() => {
    latest.current.onUndo();
  });
  const redo = run(() => {
    latest.current.onRedo();
  });
  return [
    keymap.of([
      { key: 'Mod-z', run: undo, shift: redo },
      { key: 'Mod-y', run: redo },
      ...defaultKeymap,
    ]),
    EditorView.lineWrapping,
    chartHighlight,
    placeholder('| Dm7 G7 | Cmaj7 |'),
    EditorView.contentAttributes.of({
      'aria-label': 'Changes',
      'aria-describedby': 'chart-help',
      spellcheck: 'false',
      tabindex: '0',
      autocapitalize: 'off',
    }),
    EditorView.updateListener.of((update) => {
      const typed = update.transactions.some((each) => each.annotation(Transaction.userEvent));
      if (update.docChanged && typed) latest.current.onChange(update.state.doc.toString());
    }),
  ];
}

/** Takes a text from outside in, the cursor where it was as far as it goes. */
function take(editor: EditorView, text: string): void {
  const before = editor.state.doc.toString();
  if (before === text) return;
  const { head } = editor.state.selection.main;
  editor.dispatch({
    changes: { from: 0, to: before.length, insert: text },
    selection: { anchor: Math.min(head, text.length) },
  });
}

function rangeOf(text: string, { line, column, length }: ChartProblem): [number, number] {
  const from = Math.min(text.length, offsetOf(text, line, column));
  return [from, Math.min(text.length, from + length)];
}

function diagnosticOf(text: string, problem: ChartProblem, latest: Latest): Diagnostic {
  const [from, to] = rangeOf(text, problem);
  const better = mended(text, problem);
  const fix = {
    name: `Read it as ${problem.suggestion ?? ''}`,
    apply: () => {
      if (better !== undefined) latest.current.onChange(better);
    },
  };
  return {
    from,
    to,
    severity: 'error',
    message: problem.message,
    ...(better === undefined ? {} : { actions: [fix] }),
  };
}
