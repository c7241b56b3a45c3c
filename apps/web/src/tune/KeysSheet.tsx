import { Modal } from 'antd';
import { create } from 'zustand';
import { COMP_COMMANDS } from '../comp/compCommands';
import { PRACTISE_KEYS } from '../practise/base/keys';
import { COMMANDS, SHEET_KEYS } from './commands';

export const useKeysSheet = create<{ readonly open: boolean }>(() => ({ open: false }));

const close = (): void => {
  useKeysSheet.setState({ open: false });
};

/** The sheet that lists every key. */
export function KeysSheet() {
  const open = useKeysSheet((state) => state.open);
  return (
    <Modal open={open} onCancel={close} footer={null} title="Keys" width={520}>
      <KeyTable keys={Object.values(COMMANDS)} />
      <h3 className="keys-head">On the Comp screen</h3>
      <KeyTable keys={Object.values(COMP_COMMANDS)} />
      <h3 className="keys-head">On the Practise screen</h3>
      <KeyTable keys={PRACTISE_KEYS} />
      <h3 className="keys-head">On the sheet of the chart</h3>
      <KeyTable keys={SHEET_KEYS} />
    </Modal>
  );
}

function KeyTable({ keys }: { keys: readonly { shown: string; label: string }[] }) {
  return (
    <table className="keys-sheet">
      <tbody>
        {keys.map(({ shown, label }) => (
          <tr key={shown}>
            <th scope="row">
              <kbd>{shown}</kbd>
            </th>
            <td>{label}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
