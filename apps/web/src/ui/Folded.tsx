import { DownOutlined, UpOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import './folded.css';

interface FoldedProps {
  /** What the button says where there is no room for what it folds. */
  readonly label: string;
  readonly children: ReactNode;
}

/** Controls that stand in their row, and on a phone behind one button. */
export function Folded({ label, children }: FoldedProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <div className="folded" data-open={isOpen}>
      <Button
        className="folded-button"
        aria-expanded={isOpen}
        icon={isOpen ? <UpOutlined aria-hidden /> : <DownOutlined aria-hidden />}
        iconPlacement="end"
        onClick={() => {
          setOpen(!isOpen);
        }}
      >
        {label}
      </Button>
      {children}
    </div>
  );
}
