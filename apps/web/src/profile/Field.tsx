import type { ReactNode } from 'react';

interface FieldProps {
  readonly id: string;
  readonly label: string;
  /** A word of help. */
  readonly hint?: ReactNode | undefined;
  /** What cannot be; the last good setting stays. */
  readonly problem?: string | undefined;
  readonly children: ReactNode;
}

/** A label, its control, and what is wrong with what was put into it. */
export function Field({ id, label, hint, problem, children }: FieldProps) {
  return (
    <div className="profile-field">
      <label htmlFor={id}>{label}</label>
      <div>
        {children}
        {problem ? (
          <p className="fault" role="alert" id={`${id}-problem`}>
            {problem}
          </p>
        ) : (
          hint && <p className="quiet">{hint}</p>
        )}
      </div>
    </div>
  );
}
