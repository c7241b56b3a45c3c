import { HolderOutlined } from '@ant-design/icons';
import type { ComponentProps } from 'react';

/** What a row is taken up by. */
export function RowHandle(props: ComponentProps<'button'>) {
  return (
    <button type="button" {...props}>
      <HolderOutlined aria-hidden />
    </button>
  );
}
