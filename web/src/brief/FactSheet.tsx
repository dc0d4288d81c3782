import { Button, Input, Select } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { Fact, Schemas } from '../api/client';
import { useWorkbench } from '../project/context';
import { FactValue } from './FactValue';

const GROUPS = [
  'Who',
  'What',
  'For whom',
  'Why them',
  'What should happen',
  'Which pages',
  'In which voice',
  'Practical matters',
  'Parked for design',
];

interface Props {
  catalogue: Schemas['Catalogue'] | undefined;
  pointed: string | null;
  onPoint: (fact: string | null) => void;
}

/** What is known, grouped by the questions a designer asks. */
export function FactSheet({ catalogue, pointed, onPoint }: Props) {
  const { project, act } = useWorkbench();
  const [editing, setEditing] = useState<string | null>(null);
  const [adding, setAdding] = useState<string | null>(null);
  const facts = project.brief.facts;
  return (
    <div className="sheet">
      {GROUPS.map((group) => (
        <section key={group} aria-label={group}>
          <h2>
            {group}
            <button className="plain link small" onClick={() => setAdding(adding === group ? null : group)}>
              Add
            </button>
          </h2>
          {facts
            .filter((fact) => fact.group === group)
            .map((fact) => (
              <FactRow
                key={fact.id}
                fact={fact}
                catalogue={catalogue}
                pointed={fact.id === pointed}
                editing={editing === fact.id}
                onPoint={onPoint}
                onEdit={setEditing}
                onSave={(value) => {
                  if (value !== fact.value) act({ type: 'correct-fact', fact: fact.id, value });
                  setEditing(null);
                }}
                onConfirm={() => act({ type: 'confirm-fact', fact: fact.id })}
                onStrike={() => act({ type: 'strike-fact', fact: fact.id, struck: !fact.struck })}
              />
            ))}
          {adding === group && catalogue && (
            <AddFact
              kinds={catalogue.factKinds.filter((kind) => kind.group === group)}
              catalogue={catalogue}
              onAdd={(kind, value) => {
                act({ type: 'add-fact', kind, value });
                setAdding(null);
              }}
              onCancel={() => setAdding(null)}
            />
          )}
          {!facts.some((fact) => fact.group === group) && adding !== group && (
            <p className="nothing">Nothing known yet.</p>
          )}
        </section>
      ))}
    </div>
  );
}

interface RowProps {
  fact: Fact;
  catalogue: Schemas['Catalogue'] | undefined;
  pointed: boolean;
  editing: boolean;
  onPoint: (fact: string | null) => void;
  onEdit: (fact: string | null) => void;
  onSave: (value: string) => void;
  onConfirm: () => void;
  onStrike: () => void;
}

function FactRow({
  fact,
  catalogue,
  pointed,
  editing,
  onPoint,
  onEdit,
  onSave,
  onConfirm,
  onStrike,
}: RowProps) {
  const row = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (pointed) row.current?.scrollIntoView({ block: 'nearest' });
  }, [pointed]);
  const sure = fact.certainty >= 0.75;
  return (
    <div
      ref={row}
      className={`fact${pointed ? ' pointed' : ''}${fact.struck ? ' struck' : ''}${fact.kind === 'page_refusal' ? ' refused' : ''}`}
      onMouseEnter={() => onPoint(fact.id)}
    >
      <span className="fact-label">{fact.label}</span>
      {editing && catalogue ? (
        <FactValue
          kind={fact.kind}
          value={fact.value}
          catalogue={catalogue}
          label={`Correct ${fact.label}`}
          onSave={onSave}
          onCancel={() => onEdit(null)}
        />
      ) : (
        <button
          className="plain fact-value"
          disabled={fact.struck}
          title="Correct it"
          onClick={() => onEdit(fact.id)}
        >
          {fact.shown}
        </button>
      )}
      <span className="fact-do">
        {!sure && !fact.struck && !editing && (
          <button
            className="plain link small"
            onClick={onConfirm}
            aria-label={`Confirm ${fact.label}: ${fact.shown}`}
          >
            Confirm
          </button>
        )}
        <button
          className="plain link small"
          onClick={onStrike}
          aria-label={`${fact.struck ? 'Restore' : 'Strike out'} ${fact.label}: ${fact.shown}`}
        >
          {fact.struck ? 'Restore' : 'Strike out'}
        </button>
      </span>
      <span
        className={`dot ${sure ? 'sure' : 'unsure'}`}
        role="img"
        aria-label={sure ? 'sure' : 'unsure'}
        title={`${fact.origin === 'stated' ? 'Stated in the brief' : fact.origin === 'inferred' ? 'Concluded from the brief' : 'Entered by you'}, certainty ${Math.round(fact.certainty * 100)} %`}
      />
      {fact.note && <span className="fact-note small quiet">{fact.note}</span>}
    </div>
  );
}

interface AddProps {
  kinds: Schemas['Choice'][];
  catalogue: Schemas['Catalogue'];
  onAdd: (kind: string, value: string) => void;
  onCancel: () => void;
}

function AddFact({ kinds, catalogue, onAdd, onCancel }: AddProps) {
  const [kind, setKind] = useState(kinds[0]?.id ?? '');
  return (
    <div className="fact adding">
      <Select
        size="small"
        aria-label="Kind of fact"
        value={kind}
        onChange={setKind}
        options={kinds.map((one) => ({ value: one.id, label: one.label }))}
      />
      <FactValue
        kind={kind}
        value=""
        catalogue={catalogue}
        label="Value of the fact"
        onSave={(value) => (value ? onAdd(kind, value) : onCancel())}
        onCancel={onCancel}
      />
    </div>
  );
}

/** Words selected in the source: say what they are. */
export function SelectedWords({
  words,
  catalogue,
  onAdd,
  onCancel,
}: {
  words: string;
  catalogue: Schemas['Catalogue'];
  onAdd: (kind: string, value: string) => void;
  onCancel: () => void;
}) {
  const [kind, setKind] = useState('offering');
  const [value, setValue] = useState(words.slice(0, 200));
  return (
    <div className="selected" role="dialog" aria-label="Say what these words are">
      <span>These words are</span>
      <Select
        size="small"
        showSearch={{ optionFilterProp: 'label' }}
        aria-label="Kind of fact"
        value={kind}
        onChange={setKind}
        options={catalogue.factKinds
          .filter((one) => !['goal', 'secondary_goal', 'tone', 'feature'].includes(one.id))
          .map((one) => ({ value: one.id, label: one.label }))}
      />
      <Input
        size="small"
        aria-label="Value"
        value={value}
        onChange={(event) => setValue(event.target.value)}
        onPressEnter={() => onAdd(kind, value)}
      />
      <Button size="small" type="primary" onClick={() => onAdd(kind, value)}>
        Add
      </Button>
      <Button size="small" onClick={onCancel}>
        No
      </Button>
    </div>
  );
}
