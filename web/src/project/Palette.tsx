import { Input, Modal } from 'antd';
import { useMemo, useState } from 'react';
import { type Selection, useWorkbench } from './context';

interface Entry {
  id: string;
  text: string;
  kind: string;
  to: string;
  selection?: Selection;
}

/** Finds pages, sections, facts and stops. */
export function Palette({
  onClose,
  onGo,
}: {
  onClose: () => void;
  onGo: (to: string, selection?: Selection) => void;
}) {
  const { project } = useWorkbench();
  const [search, setSearch] = useState('');
  const [at, setAt] = useState(0);
  const base = `/projects/${project.id}`;
  const entries = useMemo<Entry[]>(
    () => [
      ...(['Brief', 'Plan', 'Draft', 'Review', 'Hand-off'] as const).map((name) => ({
        id: name,
        text: `Go to ${name}`,
        kind: 'stop',
        to: `${base}/${name.toLowerCase()}`,
      })),
      { id: 'interview', text: 'Interview the client', kind: 'action', to: `${base}/interview` },
      { id: 'projects', text: 'All projects', kind: 'stop', to: '/' },
      ...project.pages.map((page) => ({
        id: page.id,
        text: page.title,
        kind: 'page',
        to: `${base}/plan`,
        selection: { page: page.id },
      })),
      ...project.pages.flatMap((page) =>
        page.sections
          .filter((section) => !section.frame)
          .map((section) => ({
            id: section.id,
            text: `${section.title}, ${page.title}`,
            kind: 'section',
            to: `${base}/plan`,
            selection: { page: page.id, section: section.id },
          })),
      ),
      ...project.brief.facts.map((fact) => ({
        id: fact.id,
        text: `${fact.label}: ${fact.shown}`,
        kind: 'fact',
        to: `${base}/brief?fact=${fact.id}`,
      })),
    ],
    [base, project],
  );
  const found = entries
    .filter((entry) => entry.text.toLowerCase().includes(search.toLowerCase()))
    .slice(0, 12);
  const go = (entry: Entry | undefined) => entry && onGo(entry.to, entry.selection);
  return (
    <Modal open footer={null} closable={false} onCancel={onClose} width={560} title={null}>
      <Input
        autoFocus
        aria-label="Find a page, section, fact or action"
        placeholder="Find a page, section, fact or action"
        value={search}
        onChange={(event) => {
          setSearch(event.target.value);
          setAt(0);
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setAt(Math.min(found.length - 1, at + 1));
          else if (event.key === 'ArrowUp') setAt(Math.max(0, at - 1));
          else if (event.key === 'Enter') go(found[at]);
          else return;
          event.preventDefault();
        }}
      />
      <ul className="palette" role="listbox" aria-label="Found">
        {found.map((entry, index) => (
          <li key={entry.id} role="option" aria-selected={index === at}>
            <button className="plain" onClick={() => go(entry)} onMouseEnter={() => setAt(index)}>
              <span>{entry.text}</span>
              <span className="mono quiet">{entry.kind}</span>
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="quiet">Nothing of that name.</li>}
      </ul>
    </Modal>
  );
}
