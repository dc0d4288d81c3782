import { Typography } from 'antd';
import { useNavigate } from 'react-router-dom';
import type { Page, Section } from '../api/client';
import { editedId, timesShared, useWorkbench } from '../project/context';
import { Reasons } from './Reasons';
import { SectionDo } from './SectionDo';

interface Props {
  page: Page;
  section: Section;
  onRename: () => void;
  onAdd: (index: number) => void;
}

/** What is selected, why it is there, what can be done with it. */
export function SectionDetails({ page, section, onRename, onAdd }: Props) {
  const { project, act } = useWorkbench();
  const navigate = useNavigate();
  const index = page.sections.findIndex((one) => one.id === section.id);
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
      <SectionDo
        page={page}
        section={section}
        back={{ does: 'Move left', key: 'Alt ←' }}
        on={{ does: 'Move right', key: 'Alt →' }}
        onRename={onRename}
        onAdd={onAdd}
        further={[
          {
            does: 'Open in Draft',
            key: 'Enter',
            run: () => void navigate(`/projects/${project.id}/draft/${page.id}`),
          },
        ]}
      />
    </>
  );
}
