import { SearchOutlined } from '@ant-design/icons';
import { Button, Input, Select } from 'antd';
import { Folded } from '../ui/Folded';
import { prettyName } from '../ui/notation';
import { ORDERS, PRACTICES, type BookFilters, type FilterOptions } from './filters';

interface BookFiltersBarProps {
  readonly filters: BookFilters;
  readonly options: FilterOptions;
  readonly onChange: (change: Partial<Record<keyof BookFilters, string | undefined>>) => void;
  readonly onClear: () => void;
}

/** What is looked for: words of the title, key, meter, form, a landmark. */
export function BookFiltersBar({ filters, options, onChange, onClear }: BookFiltersBarProps) {
  const choice = (
    name: Exclude<keyof BookFilters, 'search'>,
    placeholder: string,
    values: readonly string[],
  ) => (
    <Select
      aria-label={placeholder}
      placeholder={placeholder}
      value={filters[name] ?? null}
      allowClear
      showSearch
      popupMatchSelectWidth={false}
      options={values.map((value) => ({ value, label: prettyName(value) }))}
      onChange={(value: string | null | undefined) => {
        onChange({ [name]: value ?? undefined });
      }}
    />
  );
  const filtered = Object.values(filters).some(Boolean);
  return (
    <div className="book-filters" role="search">
      <Input
        aria-label="Search the book"
        placeholder="Title"
        prefix={<SearchOutlined aria-hidden />}
        allowClear
        value={filters.search ?? ''}
        onChange={(event) => {
          onChange({ search: event.target.value || undefined });
        }}
      />
      <Folded label="Filter and order">
        {choice('key', 'Key', options.keys)}
        {choice('meter', 'Meter', options.meters)}
        {choice('form', 'Form', options.forms)}
        {choice('landmark', 'Landmark', options.landmarks)}
        {choice('practice', 'Practice', PRACTICES)}
        {choice('order', 'Order', ORDERS)}
      </Folded>
      {filtered && (
        <Button type="text" onClick={onClear}>
          Show all
        </Button>
      )}
    </div>
  );
}
