import { useQuery } from '@tanstack/react-query';
import { Input, Modal, Spin } from 'antd';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
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
  const suits =
    useQuery({
      queryKey: ['suits', project.id, project.revision, page, index],
      queryFn: () =>
        unwrap(
          api.GET('/api/projects/{project}/pages/{page}/suits', {
            params: { path: { project: project.id, page }, query: { index } },
          }),
        ),
    }).data ?? [];
  const found = suits.flatMap((suit) => {
    const kind = catalogue?.sectionKinds.find((one) => one.id === suit.kind);
    return kind && `${kind.label} ${kind.for} ${kind.id}`.toLowerCase().includes(words)
      ? [{ ...kind, ...suit }]
      : [];
  });
  const groups = [
    { title: 'Suits this place', fit: 'place' },
    { title: 'Suits this page, in another place', fit: 'page' },
    { title: 'The others', fit: 'elsewhere' },
  ]
    .map((group) => ({ ...group, kinds: found.filter((kind) => kind.fit === group.fit) }))
    .filter((group) => group.kinds.length > 0);
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
        onPressEnter={() => add(found[0]?.id)}
      />
      {suits.length === 0 && <Spin />}
      <div className="catalogue-scroll">
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
        </ul>
        {groups.map((group) => (
          <section key={group.title} aria-label={group.title}>
            <h3 className="catalogue-group">{group.title}</h3>
            <ul className="catalogue">
              {group.kinds.map((kind) => (
                <li key={kind.id}>
                  <button className="plain" onClick={() => add(kind.id)}>
                    <b>{kind.label}</b>
                    <span>
                      {kind.for}. {kind.leads && `Its button ${kind.leads}.`}
                    </span>
                    <span className="small quiet">
                      {kind.because} {kind.belongs} Not {kind.not.charAt(0).toLowerCase() + kind.not.slice(1)}
                    </span>
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
        {suits.length > 0 && found.length === 0 && <p className="quiet">No section of that name.</p>}
      </div>
    </Modal>
  );
}
