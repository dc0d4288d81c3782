import { Popconfirm, Select, Typography } from 'antd';
import { useNavigate } from 'react-router-dom';
import type { Page } from '../api/client';
import { useWorkbench } from '../project/context';
import { Do } from './Do';
import { Reasons } from './Reasons';

export function PageDetails({ page, onRename }: { page: Page; onRename: () => void }) {
  const { project, act, select } = useWorkbench();
  const navigate = useNavigate();
  const isHome = page.slug === '';
  const index = project.pages.findIndex((one) => one.id === page.id);
  const edit = (field: 'slug' | 'navigation' | 'purpose', value: string) =>
    act({ type: 'edit-page', page: page.id, field, value });
  return (
    <>
      <h2>{page.title}</h2>
      <p className="mono quiet">
        {page.kind} · page {index + 1} of {project.pages.length}
      </p>
      <Typography.Paragraph
        className="purpose"
        editable={{
          triggerType: ['text'],
          maxLength: 500,
          onChange: (value) => value !== page.purpose && edit('purpose', value),
        }}
      >
        {page.purpose}
      </Typography.Paragraph>
      {page.repeats && <p className="shared-note">One design that stands for many pages of this kind.</p>}
      <h3>Why it is here</h3>
      <Reasons reasons={page.reasons} />
      <h3>Place</h3>
      <div className="fields">
        <span>Path</span>
        {isHome ? (
          <span className="mono">/</span>
        ) : (
          <Typography.Text
            className="mono"
            editable={{
              triggerType: ['text'],
              maxLength: 60,
              onChange: (value) => value !== page.slug && edit('slug', value.trim()),
            }}
          >
            {page.slug}
          </Typography.Text>
        )}
        <span>Navigation</span>
        <Select
          size="small"
          aria-label="Navigation"
          value={page.navigation}
          onChange={(value) => edit('navigation', value)}
          options={[
            { value: 'main', label: 'in the menu' },
            { value: 'footer', label: 'in the footer' },
            { value: 'none', label: 'in neither' },
          ]}
        />
        {!isHome && (
          <>
            <span>Below</span>
            <Select
              size="small"
              aria-label="Below which page"
              value={page.parent ?? ''}
              onChange={(value) => act({ type: 'move-page', page: page.id, parent: value || null, index })}
              options={[
                { value: '', label: 'no other page' },
                ...project.pages
                  .filter((one) => one.id !== page.id && one.slug !== '')
                  .map((one) => ({ value: one.id, label: one.title })),
              ]}
            />
          </>
        )}
      </div>
      <h3>In search results</h3>
      <div className="found-as">
        <b>{page.search.title}</b>
        <span>{page.search.description}</span>
      </div>
      <h3>Do</h3>
      <Do
        actions={[
          { does: 'Rename', key: 'F2', run: onRename },
          {
            does: 'Another go',
            key: 'N',
            run: () => act({ type: 'another-page', page: page.id }),
          },
          {
            does: 'Open in Draft',
            key: 'Enter',
            run: () => void navigate(`/projects/${project.id}/draft/${page.id}`),
          },
        ]}
      />
      {!isHome && (
        <Select
          className="move-to"
          size="small"
          aria-label="Join it to another page"
          placeholder="Join it to another page"
          value={null}
          showSearch={{ optionFilterProp: 'label' }}
          options={project.pages
            .filter((one) => one.id !== page.id)
            .map((one) => ({ value: one.id, label: one.title }))}
          onChange={(into: string | null) => {
            if (!into) return;
            act({ type: 'merge-page', page: page.id, into });
            select({ page: into });
          }}
        />
      )}
      {!isHome && (
        <Popconfirm
          title="Delete this page?"
          description="Pages below it move up. Undo brings it back."
          okText="Delete"
          onConfirm={() => {
            act({ type: 'remove-page', page: page.id });
            select(null);
          }}
        >
          <button className="plain do-delete">
            <span>Delete</span> <kbd>Del</kbd>
          </button>
        </Popconfirm>
      )}
    </>
  );
}
