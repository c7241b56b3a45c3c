import { GRADES, type Grade } from '@drop-close/core';
import { Button } from 'antd';
import { GRADE_WORDS } from './grades';

interface GradeButtonsProps {
  /** The usual answer stands out. */
  readonly usual?: Grade;
  /** Whether the keys 1 to 4 are theirs. */
  readonly keyed?: boolean;
  readonly onGrade: (grade: Grade) => void;
}

/** How something went, said by the player. */
export function GradeButtons({ usual, keyed = false, onGrade }: GradeButtonsProps) {
  return (
    <span className="grades" role="group" aria-label="How did it go?">
      {GRADES.map((grade, at) => (
        <Button
          key={grade}
          type={grade === usual ? 'primary' : 'default'}
          title={keyed ? String(at + 1) : undefined}
          onClick={() => {
            onGrade(grade);
          }}
        >
          {GRADE_WORDS[grade]}
        </Button>
      ))}
    </span>
  );
}
