import { formatMeter, type SoloLine } from '@drop-close/core';
import { Button, Upload } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Cancelled } from '../engine/client';
import { useHeading } from '../place/heading';
import { FileNote } from './FileNote';
import { readFile, type Told } from './fileRead';

/** Brings a line in from a file, and says what came of it. */
export function BringIn({ onLine }: { onLine: (name: string, line: SoloLine) => void }) {
  const meter = formatMeter(useHeading().meter);
  const [told, setTold] = useState<Told | undefined>();
  const [reading, setReading] = useState<string | undefined>();
  const abort = useRef<AbortController>(undefined);
  useEffect(
    () => () => {
      abort.current?.abort();
    },
    [],
  );
  const bringIn = async (file: File): Promise<void> => {
    abort.current?.abort();
    const own = new AbortController();
    abort.current = own;
    setTold(undefined);
    setReading(file.name);
    try {
      const read = await readFile(file, own.signal);
      setTold(read);
      if (read.line) onLine(read.name, read.line);
    } catch (error) {
      if (error instanceof Cancelled) return;
      setTold({ name: file.name, problem: `It could not be read: ${String(error)}`, skipped: [] });
    } finally {
      if (abort.current === own) setReading(undefined);
    }
  };
  return (
    <>
      <Upload
        accept=".mid,.midi,.musicxml,.xml,.mxl"
        showUploadList={false}
        beforeUpload={(file) => {
          void bringIn(file);
          return false;
        }}
      >
        <Button loading={reading !== undefined}>Bring in a file…</Button>
      </Upload>
      {reading !== undefined && (
        <p className="quiet file-note" role="status">
          Reading {reading}…{' '}
          <Button
            size="small"
            type="link"
            onClick={() => {
              abort.current?.abort();
            }}
          >
            Cancel
          </Button>
        </p>
      )}
      {told && <FileNote told={told} meter={meter} />}
    </>
  );
}
