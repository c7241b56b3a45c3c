import { Tooltip } from 'antd';
import type { ReactNode } from 'react';
import './terms.css';

interface ExplainedProps {
  readonly meaning: string | undefined;
  readonly children: ReactNode;
}

/** Words that say what they mean where they are pointed at or have the focus. */
export const Explained = ({ meaning, children }: ExplainedProps) =>
  meaning === undefined ? (
    children
  ) : (
    <Tooltip title={meaning} trigger={['hover', 'focus']}>
      <dfn className="term" tabIndex={0}>
        {children}
      </dfn>
    </Tooltip>
  );
