import {
  FASTEST,
  GRADES,
  LONGEST_ENTRY_TEXT,
  MINUTES_A_DAY,
  SLOWEST,
  type EntryFields,
  type EntryView,
  type Grade,
} from '@drop-close/core';
import { useQueryClient } from '@tanstack/react-query';
import { Alert, DatePicker, Form, Input, InputNumber, Modal, Select } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { useState } from 'react';
import { api } from '../../api/client';
import { GRADE_WORDS } from '../base/grades';
import { noteHere } from '../items/sending';
import { LOG } from '../items/useLog';

interface EntryFormProps {
  /** The one that is corrected; none for a new one. */
  readonly entry: EntryView | undefined;
  readonly onClose: () => void;
}

interface Fields {
  readonly day: Dayjs;
  readonly minutes: number;
  readonly what: string;
  readonly tempo?: number | null;
  readonly key?: string | null;
  readonly grade?: Grade | null;
  readonly notes?: string | null;
}

const KEYS = ['C', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb', 'B', 'E', 'A', 'D', 'G'];

/** An entry written or corrected by hand. */
export function EntryForm({ entry, onClose }: EntryFormProps) {
  const [form] = Form.useForm<Fields>();
  const queries = useQueryClient();
  const [failure, setFailure] = useState<string>();
  const save = async (fields: Fields): Promise<void> => {
    try {
      if (entry) {
        const { id, version, item } = entry;
        await api.saveEntry({
          ...entryOf(fields),
          id,
          version,
          ...(item !== undefined && { item }),
        });
      } else await noteHere([], [{ ...entryOf(fields), id: crypto.randomUUID() }]);
      await queries.invalidateQueries({ queryKey: LOG });
      onClose();
    } catch (error) {
      setFailure(String(error));
    }
  };
  return (
    <Modal
      open
      title={entry ? 'Correct the entry' : 'Write an entry'}
      okText={entry ? 'Save' : 'Write it'}
      onCancel={onClose}
      onOk={() => {
        form.submit();
      }}
    >
      <Form<Fields>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={valuesOf(entry)}
        onFinish={(fields) => void save(fields)}
      >
        <div className="entry-row">
          <Form.Item name="day" label="Day" rules={[{ required: true, message: 'On which day?' }]}>
            <DatePicker format="D MMM YYYY" maxDate={dayjs()} />
          </Form.Item>
          <Form.Item
            name="minutes"
            label="Minutes"
            rules={[{ required: true, message: 'How many minutes?' }]}
          >
            <InputNumber min={0.1} max={MINUTES_A_DAY} precision={1} />
          </Form.Item>
        </div>
        <Form.Item
          name="what"
          label="What"
          rules={[{ required: true, whitespace: true, message: 'What was practised?' }]}
        >
          <Input maxLength={LONGEST_ENTRY_TEXT} placeholder="As: comping with the record off" />
        </Form.Item>
        <div className="entry-row">
          <Form.Item name="tempo" label="Tempo">
            <InputNumber min={SLOWEST} max={FASTEST} precision={0} />
          </Form.Item>
          <Form.Item name="key" label="Key">
            <Select
              allowClear
              options={KEYS.flatMap((key) => [key, `${key}m`]).map((value) => ({
                value,
                label: value.replace('b', '♭').replace('m', ' minor'),
              }))}
            />
          </Form.Item>
          <Form.Item name="grade" label="How it went">
            <Select
              allowClear
              options={GRADES.map((value) => ({ value, label: GRADE_WORDS[value] }))}
            />
          </Form.Item>
        </div>
        <Form.Item name="notes" label="Notes">
          <Input.TextArea maxLength={LONGEST_ENTRY_TEXT} autoSize={{ minRows: 2 }} />
        </Form.Item>
      </Form>
      {failure !== undefined && (
        <Alert type="warning" title="It was not saved" description={failure} />
      )}
    </Modal>
  );
}

const valuesOf = (entry: EntryView | undefined): Partial<Fields> =>
  entry ? { ...entry, day: dayjs(entry.day) } : { day: dayjs(), minutes: 20 };

/** What was left empty is left out. */
function entryOf({ day, minutes, what, ...rest }: Fields): Omit<EntryFields, 'id'> {
  const filled = Object.entries(rest).filter(([, value]) => value != null && value !== '');
  return {
    day: day.format('YYYY-MM-DD'),
    minutes,
    what: what.trim(),
    ...Object.fromEntries(filled),
  };
}
