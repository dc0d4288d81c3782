import { useQuery } from '@tanstack/react-query';
import { Input, Modal, Spin } from 'antd';
import { useState } from 'react';
import { catalogueQuery } from '../project/catalogue';
import { timesShared, useWorkbench } from '../project/context';
import { defaultsQuery } from '../projects/defaults';

/** The catalogue of sections, with search. */
export function AddSection({ page, index, onClose }: { page: string; index: number; onClose: () => void }) {
  const { project, act } = useWorkbench();
  const catalogue = useQuery(catalogueQuery).data;
  const [search, setSearch] = useState('');
  const target = project.pages.find((one) => one.id === page);
  const words = search.toLowerCase();
  const kinds = (catalogue?.sectionKinds ?? []).filter(
    (kind) => !kind.frame && `${kind.label} ${kind.for} ${kind.id}`.toLowerCase().includes(words),
  );
  const ownOnes = (useQuery(defaultsQuery).data?.sections ?? []).filter((section) =>
    `${section.name} ${section.purpose}`.toLowerCase().includes(words),
  );
  const there = new Set(target?.sections.map((section) => section.shared));
  const sharedOnes = project.shared.filter(
    (section) => !there.has(section.id) && section.title.toLowerCase().includes(words),
  );
  const add = (kind: string | undefined) => {
    if (!kind) return;
    act({ type: 'add-section', page, index, kind });
    onClose();
  };
  return (
    <Modal
      open
      title={`Add a section to ${target?.title ?? ''}`}
      footer={null}
      width={760}
      onCancel={onClose}
    >
      <Input
        autoFocus
        aria-label="Find a section"
        placeholder="Find a section: prices, people, questions…"
        value={search}
        onChange={(event) => setSearch(event.target.value)}
        onPressEnter={() => add(kinds[0]?.id)}
      />
      {!catalogue && <Spin />}
      <ul className="catalogue">
        {ownOnes.map((section) => (
          <li key={section.name}>
            <button
              className="plain"
              onClick={() => {
                act({
                  type: 'add-section',
                  page,
                  index,
                  kind: section.kind,
                  title: section.name,
                  purpose: section.purpose,
                });
                onClose();
              }}
            >
              <b>{section.name}</b>
              <span>{section.purpose}</span>
              <span className="small quiet">A section of your own.</span>
            </button>
          </li>
        ))}
        {sharedOnes.map((section) => (
          <li key={section.id}>
            <button
              className="plain"
              onClick={() => {
                act({ type: 'use-shared', page, index, shared: section.id });
                onClose();
              }}
            >
              <b>{section.title}</b>
              <span>Shared: the same on {timesShared(project, section.id)} pages.</span>
              <span className="small quiet">{section.purpose}</span>
            </button>
          </li>
        ))}
        {kinds.map((kind) => (
          <li key={kind.id}>
            <button className="plain" onClick={() => add(kind.id)}>
              <b>{kind.label}</b>
              <span>{kind.for}.</span>
              <span className="small quiet">
                {kind.belongs} Not {kind.not.charAt(0).toLowerCase() + kind.not.slice(1)}
              </span>
            </button>
          </li>
        ))}
        {catalogue && kinds.length === 0 && <li className="quiet">No section of that name.</li>}
      </ul>
    </Modal>
  );
}
