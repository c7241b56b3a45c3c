import { formatMeter, type SoloLine } from '@drop-close/core';
import { Button, Upload } from 'antd';
import { useState } from 'react';
import { useHeading } from '../place/heading';
import { FileNote } from './FileNote';
import { readFile, type Told } from './fileRead';

/** Brings a line in from a file, and says what came of it. */
export function BringIn({ onLine }: { onLine: (name: string, line: SoloLine) => void }) {
  const meter = formatMeter(useHeading().meter);
  const [told, setTold] = useState<Told | undefined>();
  return (
    <>
      <Upload
        accept=".mid,.midi,.musicxml,.xml,.mxl"
        showUploadList={false}
        beforeUpload={(file) => {
          void readFile(file).then((read) => {
            setTold(read);
            if (read.line) onLine(read.name, read.line);
          });
          return false;
        }}
      >
        <Button>Bring in a file…</Button>
      </Upload>
      {told && <FileNote told={told} meter={meter} />}
    </>
  );
}
