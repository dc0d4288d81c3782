import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Spin, Typography } from 'antd';
import { useState } from 'react';
import { api, type Drawing, type Page, type Section, unwrap } from '../api/client';
import { Reasons } from '../plan/Reasons';
import { SectionDo } from '../plan/SectionDo';
import { editedId, timesShared, useWorkbench } from '../project/context';
import { Everywhere } from './Everywhere';
import { Fit } from './Fit';
import { Items } from './Items';
import { KeepLayout } from './KeepLayout';
import { LayoutChoice, nextLayout } from './LayoutChoice';
import { SectionSettings } from './SectionSettings';

interface Props {
  page: Page;
  section: Section;
  drawing: Drawing | undefined;
  onAdd: (index: number) => void;
}

/** What is selected, how it is laid out and why, and what can be done with it. */
export function DraftDetails({ page, section, drawing, onAdd }: Props) {
  const { project, act } = useWorkbench();
  const id = editedId(section);
  const [everywhere, setEverywhere] = useState(false);
  const [renaming, setRenaming] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const wireframe = useQuery({
    ...sectionWireframe(project.id, section.id),
    placeholderData: (previous) => (previous?.section === id ? keepPreviousData(previous) : undefined),
  }).data;
  const needed = (drawing?.slots ?? []).filter((slot) => slot.status === 'to-supply');
  const another = wireframe ? nextLayout(section, wireframe) : undefined;
  return (
    <>
      <Typography.Title
        level={2}
        editable={{
          triggerType: ['text'],
          maxLength: 120,
          editing: renaming,
          onStart: () => setRenaming(true),
          onEnd: () => setRenaming(false),
          onCancel: () => setRenaming(false),
          onChange: (value) => {
            setRenaming(false);
            if (value.trim() && value !== section.title)
              act({ type: 'edit-section', section: id, field: 'title', value });
          },
        }}
      >
        {section.title}
      </Typography.Title>
      <p className="mono quiet">
        {section.layout} · section {page.sections.findIndex((one) => one.id === section.id) + 1} of{' '}
        {page.sections.length}
      </p>
      <p className="purpose">{section.purpose}</p>
      {section.shared && (
        <p className="shared-note">
          Shared: it stands on {timesShared(project, section.shared)} pages, and a change here changes all of
          them.
        </p>
      )}
      {!wireframe && <Spin size="small" />}
      {wireframe && (
        <>
          <LayoutChoice section={section} wireframe={wireframe} />
          <div className="settings">
            {another !== undefined && another !== section.layout && (
              <Button
                size="small"
                type="primary"
                onClick={() => act({ type: 'edit-section', section: id, field: 'layout', value: another })}
              >
                Another layout
              </Button>
            )}
            {wireframe.alike.length > 0 && (
              <Button size="small" onClick={() => setEverywhere(true)}>
                Use on {wireframe.alike.length} more
              </Button>
            )}
            <Button size="small" onClick={() => setKeeping(true)}>
              Keep as my own
            </Button>
          </div>
          <SectionSettings section={section} wireframe={wireframe} />
          <Items section={section} wireframe={wireframe} drawing={drawing} />
          <Fit wireframe={wireframe} />
          <h3>Why this layout</h3>
          <ul className="why-layout">
            {wireframe.why.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </>
      )}
      {needed.length > 0 && (
        <>
          <h3>To supply</h3>
          <ul className="needed">
            {[...new Set(needed.map((slot) => slot.text.replace(/^Needed:\s*/, '')))].map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </>
      )}
      <h3>Why it is here</h3>
      <Reasons reasons={section.reasons} />
      <h3>Do</h3>
      <SectionDo
        page={page}
        section={section}
        back={{ does: 'Move up', key: 'Alt ↑' }}
        on={{ does: 'Move down', key: 'Alt ↓' }}
        onRename={() => setRenaming(true)}
        onAdd={onAdd}
      />
      {keeping && <KeepLayout section={section} onClose={() => setKeeping(false)} />}
      {everywhere && wireframe && (
        <Everywhere section={section} wireframe={wireframe} onClose={() => setEverywhere(false)} />
      )}
    </>
  );
}

/** Layouts, settings and fit of a section. */
export const sectionWireframe = (project: string, section: string) => ({
  queryKey: ['wireframe', project, 'section', section],
  queryFn: () =>
    unwrap(
      api.GET('/api/projects/{project}/sections/{section}/wireframe', {
        params: { path: { project, section } },
      }),
    ),
});
