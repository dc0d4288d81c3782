import { Select, Typography } from 'antd';
import { useNavigate } from 'react-router-dom';
import type { Page, Section } from '../api/client';
import { editedId, timesShared, useWorkbench } from '../project/context';
import { Do } from './Do';
import { Reasons } from './Reasons';

interface Props {
  page: Page;
  section: Section;
  onRename: () => void;
  onAdd: (index: number) => void;
}

/** What is selected, why it is there, what can be done with it. */
export function SectionDetails({ page, section, onRename, onAdd }: Props) {
  const { project, act, select } = useWorkbench();
  const navigate = useNavigate();
  const index = page.sections.findIndex((one) => one.id === section.id);
  const move = (to: number) => {
    if (to >= 0 && to < page.sections.length)
      act({ type: 'move-section', section: section.id, page: page.id, index: to });
  };
  return (
    <>
      <h2>{section.title}</h2>
      <p className="mono quiet">
        {section.kind} · {page.title} · section {index + 1} of {page.sections.length}
      </p>
      <Typography.Paragraph
        className="purpose"
        editable={{
          triggerType: ['text'],
          maxLength: 500,
          onChange: (value) => {
            if (value !== section.purpose)
              act({ type: 'edit-section', section: editedId(section), field: 'purpose', value });
          },
        }}
      >
        {section.purpose}
      </Typography.Paragraph>
      {section.shared && (
        <p className="shared-note">
          Shared: it stands on {timesShared(project, section.shared)} pages, and a change here changes all of
          them.
        </p>
      )}
      <h3>Why it is here</h3>
      <Reasons reasons={section.reasons} />
      {section.toSupply > 0 && (
        <p className="attention small">{section.toSupply} texts only the client can give.</p>
      )}
      <h3>Do</h3>
      <Do
        actions={[
          { does: 'Rename', key: 'F2', run: onRename },
          { does: 'Move left', key: 'Alt ←', run: () => move(index - 1) },
          { does: 'Move right', key: 'Alt →', run: () => move(index + 1) },
          {
            does: section.kept ? 'Let go of it' : 'Keep as it is',
            key: 'K',
            run: () =>
              act({
                type: 'edit-section',
                section: editedId(section),
                field: 'kept',
                value: section.kept ? 'no' : 'yes',
              }),
          },
          {
            does: 'Duplicate',
            key: 'Ctrl D',
            run: () => act({ type: 'duplicate-section', section: section.id }),
          },
          {
            does: 'Another go',
            key: 'N',
            run: () => act({ type: 'another-section', section: section.id }),
          },
          section.shared
            ? {
                does: 'Detach it for this page',
                key: '',
                run: () => act({ type: 'detach-section', section: section.id }),
              }
            : {
                does: 'Share it with other pages',
                key: '',
                run: () => act({ type: 'make-shared', section: section.id }),
              },
          { does: 'Add a section after it', key: 'A', run: () => onAdd(index + 1) },
          {
            does: 'Open in Draft',
            key: 'Enter',
            run: () => void navigate(`/projects/${project.id}/draft/${page.id}`),
          },
          {
            does: 'Delete',
            key: 'Del',
            run: () => {
              act({ type: 'remove-section', section: section.id });
              select({ page: page.id });
            },
          },
        ]}
      />
      <Select
        className="move-to"
        size="small"
        aria-label="Move to another page"
        placeholder="Move to another page"
        value={null}
        showSearch={{ optionFilterProp: 'label' }}
        options={project.pages
          .filter((one) => one.id !== page.id)
          .map((one) => ({ value: one.id, label: one.title }))}
        onChange={(target: string | null) => {
          const to = project.pages.find((one) => one.id === target);
          if (!to) return;
          act({
            type: 'move-section',
            section: section.id,
            page: to.id,
            index: Math.max(0, to.sections.length - 1),
          });
          select({ page: to.id, section: section.id });
        }}
      />
    </>
  );
}
