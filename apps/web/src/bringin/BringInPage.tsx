import { InboxOutlined } from '@ant-design/icons';
import { LOOSE_LINES, type LooseLines } from '@drop-close/core';
import { Alert, Button, Checkbox, Input, Select, Upload } from 'antd';
import { useMemo } from 'react';
import { useTunes } from '../tunes/useTunes';
import { changeDesk, clearDesk, useBringIn } from './bringInStore';
import { LinesRead } from './LinesRead';
import { OfferedRow } from './OfferedRow';
import { offeredTunes, type Source } from './sources';
import { usePutIn } from './usePutIn';
import { useFiles, usePastedSource } from './useReading';
import './bringin.css';

const ACCEPTED = '.musicxml,.xml,.mxl,.mid,.midi,.txt,.md,.csv';
const LOOSE: Readonly<Record<LooseLines, string>> = {
  'by the text': 'Lines without bar lines: as the text suggests',
  'a line is a bar': 'Lines without bar lines: each line is a bar',
  'a chord is a bar': 'Lines without bar lines: each chord is a bar',
};
const HINT = `Paste changes as they came, for example

Two Ropes
key of F, medium swing
A: Gm7 | C7 | Fmaj7 | D7
B: Gm7 / C7 / | F6`;

/** Text and files become tunes: what was understood is seen before anything is made. */
export default function BringInPage() {
  const { text, habits, files, wishes } = useBringIn();
  const { source: pasted, isReading } = usePastedSource();
  const { reading, read, cancel } = useFiles();
  const { done, putIn } = usePutIn();
  const { data: tunes } = useTunes();
  const sources = useMemo(() => [...(pasted ? [pasted] : []), ...files], [pasted, files]);
  const offered = useMemo(() => offeredTunes(sources, wishes), [sources, wishes]);
  const wanted = offered.filter(({ isWanted }) => isWanted);
  const titles = useMemo(() => new Set(tunes?.map(({ title }) => title)), [tunes]);
  return (
    <main className="page bring-in">
      <div className="bring-in-head">
        <h1>Bring in</h1>
        {sources.length > 0 && (
          <Button type="text" onClick={clearDesk}>
            Clear
          </Button>
        )}
        <Button
          type="primary"
          disabled={!wanted.length || isReading}
          loading={done !== undefined}
          onClick={() => {
            putIn(wanted);
          }}
        >
          {done === undefined ? putInWords(wanted.length) : `${done} of ${wanted.length}`}
        </Button>
      </div>
      <div className="bring-in-desk">
        <section aria-label="What comes in">
          <Input.TextArea
            aria-label="Changes as text"
            className="bring-in-text"
            placeholder={HINT}
            value={text}
            autoSize={{ minRows: 9, maxRows: 22 }}
            onChange={({ target }) => {
              changeDesk({ text: target.value, wishes: {} });
            }}
          />
          <div className="bring-in-habits">
            <Select<LooseLines>
              aria-label="Lines without bar lines"
              value={habits.looseLines}
              popupMatchSelectWidth={false}
              options={LOOSE_LINES.map((value) => ({ value, label: LOOSE[value] }))}
              onChange={(looseLines) => {
                changeDesk({ habits: { ...habits, looseLines } });
              }}
            />
            <Checkbox
              checked={habits.keepWords}
              onChange={({ target }) => {
                changeDesk({ habits: { ...habits, keepWords: target.checked } });
              }}
            >
              Keep remarks over their bars
            </Checkbox>
          </div>
          <Upload.Dragger
            accept={ACCEPTED}
            multiple
            showUploadList={false}
            beforeUpload={(file, all) => {
              if (file === all[0]) read(all);
              return false;
            }}
          >
            <p>
              <InboxOutlined aria-hidden /> Choose files, or drop them here
            </p>
            <p className="quiet">MusicXML with chords, MIDI with chord symbols, or text</p>
          </Upload.Dragger>
          {reading !== undefined && (
            <p className="quiet" role="status">
              Reading {reading}…{' '}
              <Button size="small" type="link" onClick={cancel}>
                Cancel
              </Button>
            </p>
          )}
        </section>
        <section aria-label="What was understood" aria-busy={isReading}>
          {sources.length === 0 && (
            <p className="quiet">
              What you paste or choose is read here line by line. Nothing is made of it until you
              put it into the book.
            </p>
          )}
          {offered.length > 0 && (
            <ol className="offered-list" aria-label="Tunes that were read">
              {offered.map((each) => (
                <OfferedRow key={each.id} offered={each} isThere={titles.has(each.title)} />
              ))}
            </ol>
          )}
          {sources.map((source) => (
            <SourceRead key={source.id} source={source} />
          ))}
        </section>
      </div>
    </main>
  );
}

const putInWords = (count: number): string =>
  count === 1
    ? 'Put it into the book'
    : `Put ${count || ''} tunes into the book`.replace('  ', ' ');

/** How one text or file was read. */
function SourceRead({ source: { name, incoming, problem } }: { readonly source: Source }) {
  if (problem !== undefined) {
    return (
      <Alert
        type="warning"
        title={name === undefined ? 'The text cannot be read' : `${name} cannot be read`}
        description={problem}
      />
    );
  }
  if (!incoming) return null;
  const hasBars = incoming.tunes.some(({ bars }) => bars > 0);
  return (
    <>
      {name !== undefined && <h2 className="source-name">{name}</h2>}
      {!hasBars && (
        <Alert
          type="info"
          title="No changes were found. A line of changes has chords in it: Dm7 | G7"
        />
      )}
      <LinesRead
        lines={incoming.lines}
        // Lines of a file that is not text have no numbers of their own.
        problems={name === undefined ? incoming.tunes.flatMap((tune) => tune.problems) : []}
      />
    </>
  );
}
