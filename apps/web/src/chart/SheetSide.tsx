import type { Chart, ChartAnalysis } from '@drop-close/core';
import { Alert } from 'antd';
import { useReadingStore } from '../engine/useChorus';
import { WRITTEN_ABOVE, usePreferences } from '../ui/preferences';
import type { ChartInHand } from './desk/useChart';
import { Sheet } from './sheet/Sheet';
import { SheetTools } from './SheetTools';
import { WritingMenu } from './WritingMenu';

interface SheetSideProps {
  readonly written: ChartInHand;
  /** As the reader's part has it. */
  readonly shown: Chart;
  readonly analysis: ChartAnalysis | undefined;
}

/** The sheet, to be read and written in, with how it is looked at. */
export function SheetSide({ written, shown, analysis }: SheetSideProps) {
  const { reader } = usePreferences();
  const { failure } = useReadingStore();
  const moved = WRITTEN_ABOVE[reader] !== 0;
  return (
    <div className="chart-sheet">
      <div className="chart-bar">
        <SheetTools canMove={written.whole} />
        <WritingMenu />
      </div>
      {failure && (
        <Alert
          type="warning"
          title="The changes could not be analysed"
          description={`${failure} They can still be written and voiced.`}
        />
      )}
      {moved && (
        <p className="quiet">
          The {reader} part. It is read here; choose Concert to write in the sheet.
        </p>
      )}
      <Sheet
        chart={shown}
        time={written.time}
        analysis={analysis}
        readOnly={moved || !written.whole}
      />
    </div>
  );
}
