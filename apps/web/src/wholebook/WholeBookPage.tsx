import { DownloadOutlined, InboxOutlined } from '@ant-design/icons';
import { Alert, Button, Progress, Upload } from 'antd';
import { Link } from 'react-router';
import { BookParts } from './BookParts';
import { useWholeBook } from './useWholeBook';
import './wholebook.css';

/** The whole book in one archive of open files: taken away, and brought in beside what is there. */
export default function WholeBookPage() {
  const { going, read, problem, save, open, bringIn, cancel, putAside } = useWholeBook();
  return (
    <main className="page whole-book">
      <h1>The whole book</h1>
      <section aria-label="Take it away">
        <h2>Take it away</h2>
        <p>
          One .zip of open files: every tune as chart text, as MusicXML and with its arrangements
          and solo lines, your sets, licks, practice and hands. Other programs can read it, and
          brought in again it is the same book.
        </p>
        <Button
          type="primary"
          icon={<DownloadOutlined aria-hidden />}
          disabled={going !== undefined}
          onClick={save}
        >
          Save the whole book
        </Button>
      </section>
      <section aria-label="Bring one in">
        <h2>Bring one in</h2>
        <Upload.Dragger
          accept=".zip"
          showUploadList={false}
          disabled={going !== undefined}
          beforeUpload={(file) => {
            open(file);
            return false;
          }}
        >
          <p>
            <InboxOutlined aria-hidden /> Choose the .zip of a book, or drop it here
          </p>
          <p className="quiet">
            You see what is new and what is different before anything changes.
          </p>
        </Upload.Dragger>
      </section>
      {going && (
        <div className="book-going" role="status">
          <span>
            {going.what}
            {going.of > 0 && `, ${going.done} of ${going.of}`}…
          </span>
          {going.of > 0 && (
            <Progress
              percent={Math.round((going.done / going.of) * 100)}
              showInfo={false}
              aria-label={going.what}
            />
          )}
          <Button size="small" onClick={cancel}>
            Cancel
          </Button>
        </div>
      )}
      {problem !== undefined && (
        <Alert type="warning" title="That did not work" description={problem} />
      )}
      {read && (
        <BookParts
          key={read.name}
          read={read}
          isBusy={going !== undefined}
          onBringIn={bringIn}
          onPutAside={putAside}
        />
      )}
      <p>
        <Link to="/book">Back to the book</Link>
      </p>
    </main>
  );
}
