import { AutoComplete, Input, Select } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../api/client';

interface Props {
  kind: string;
  value: string;
  catalogue: Schemas['Catalogue'];
  label: string;
  onSave: (value: string) => void;
  onCancel: () => void;
}

/** The field for a fact's value: a choice where the list is closed, free text elsewhere. */
export function FactValue({ kind, value, catalogue, label, onSave, onCancel }: Props) {
  const [typed, setTyped] = useState(value);
  const choices =
    kind === 'goal' || kind === 'secondary_goal'
      ? catalogue.goals
      : kind === 'tone'
        ? catalogue.tones
        : kind === 'feature'
          ? catalogue.features
          : null;
  const keys = (event: React.KeyboardEvent) => {
    if (event.key === 'Escape') onCancel();
  };
  if (choices)
    return (
      <Select
        size="small"
        autoFocus
        defaultOpen
        aria-label={label}
        value={value || undefined}
        placeholder="Choose"
        options={choices.map((one) => ({ value: one.id, label: one.label }))}
        onSelect={onSave}
        onBlur={onCancel}
        onKeyDown={keys}
      />
    );
  if (kind === 'business_kind')
    return (
      <AutoComplete
        size="small"
        autoFocus
        aria-label={label}
        value={typed}
        options={catalogue.businessKinds.map((one) => ({ value: one.label }))}
        showSearch={{
          filterOption: (search, option) =>
            (option?.value ?? '').toLowerCase().includes(search.toLowerCase()),
        }}
        onChange={setTyped}
        onSelect={onSave}
        onBlur={() => (typed === value ? onCancel() : onSave(typed))}
        onKeyDown={keys}
      />
    );
  return (
    <Input
      size="small"
      autoFocus
      aria-label={label}
      value={typed}
      placeholder={kind === 'page_count' ? '6 or 5-8' : ''}
      onChange={(event) => setTyped(event.target.value)}
      onPressEnter={() => onSave(typed.trim())}
      onBlur={() => onSave(typed.trim())}
      onKeyDown={keys}
    />
  );
}
