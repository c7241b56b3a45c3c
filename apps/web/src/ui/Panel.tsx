import { DownOutlined, UpOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import './panel.css';

interface PanelProps {
  /** What it is, for those who do not see it. */
  readonly label: string;
  readonly className?: string;
  /** What is always seen of it: what is in hand. */
  readonly head: ReactNode;
  readonly children: ReactNode;
}

/**
 * What is in hand, and all that is said of it, beside the sheet. On a phone it lies at the foot of the
 * screen with its head in sight, and is drawn up over the sheet.
 */
export function Panel({ label, className = '', head, children }: PanelProps) {
  const [isUp, setUp] = useState(false);
  return (
    <aside className={`panel ${className}`} aria-label={label} data-up={isUp}>
      <div className="panel-head">
        {head}
        <Button
          className="panel-fold"
          type="text"
          aria-expanded={isUp}
          aria-label="All of this chord"
          icon={isUp ? <DownOutlined aria-hidden /> : <UpOutlined aria-hidden />}
          onClick={() => {
            setUp(!isUp);
          }}
        />
      </div>
      <div className="panel-body">{children}</div>
    </aside>
  );
}
