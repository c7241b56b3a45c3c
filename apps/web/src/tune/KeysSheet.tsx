import { Modal } from 'antd';
import { create } from 'zustand';
import { COMMANDS } from './commands';

export const useKeysSheet = create<{ readonly open: boolean }>(() => ({ open: false }));

const close = (): void => {
  useKeysSheet.setState({ open: false });
};

/** The sheet that lists every key. */
export function KeysSheet() {
  const open = useKeysSheet((state) => state.open);
  return (
    <Modal open={open} onCancel={close} footer={null} title="Keys" width={460}>
      <table className="keys-sheet">
        <tbody>
          {Object.values(COMMANDS).map(({ shown, label }) => (
            <tr key={shown}>
              <th scope="row">
                <kbd>{shown}</kbd>
              </th>
              <td>{label}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}
