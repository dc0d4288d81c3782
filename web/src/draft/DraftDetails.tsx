import { useQuery } from '@tanstack/react-query';
import { Button, Spin } from 'antd';
import { api, type Drawing, type Page, type Section, unwrap } from '../api/client';
import { Reasons } from '../plan/Reasons';
import { editedId, timesShared, useWorkbench } from '../project/context';
import { Drawn } from '../shared/Drawn';

export function DraftDetails({
  page,
  section,
  drawing,
}: {
  page: Page;
  section: Section;
  drawing: Drawing | undefined;
}) {
  const { project, act } = useWorkbench();
  const id = editedId(section);
  const layouts = useQuery({
    queryKey: ['layouts', project.id, id],
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{project}/sections/{section}/layouts', {
          params: { path: { project: project.id, section: id } },
        }),
      ),
  });
  const needed = (drawing?.slots ?? []).filter((slot) => slot.status === 'to-supply');
  return (
    <>
      <h2>{section.title}</h2>
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
      <h3>
        Layout <span className="quiet">{layouts.data ? `${layouts.data.length} that suit` : ''}</span>
      </h3>
      {layouts.isPending && <Spin size="small" />}
      <div className="layouts" role="radiogroup" aria-label="Layout">
        {layouts.data?.map((layout) => (
          <button
            key={layout.id}
            className={`plain layout${layout.id === section.layout ? ' chosen' : ''}`}
            role="radio"
            aria-checked={layout.id === section.layout}
            title={layout.label}
            aria-label={layout.label}
            onClick={() =>
              layout.id !== section.layout &&
              act({ type: 'edit-section', section: id, field: 'layout', value: layout.id })
            }
          >
            <Drawn svg={layout.thumbnail} />
            <span className="small">{layout.label}</span>
          </button>
        ))}
      </div>
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
      <Button
        size="small"
        onClick={() =>
          act({ type: 'edit-section', section: id, field: 'kept', value: section.kept ? 'no' : 'yes' })
        }
      >
        {section.kept ? 'Kept. Let go of it' : 'Keep as it is'}
      </Button>
    </>
  );
}
