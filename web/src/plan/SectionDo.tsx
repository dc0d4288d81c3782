import { Select } from 'antd';
import type { Page, Section } from '../api/client';
import { editedId, useWorkbench } from '../project/context';
import { Do } from './Do';

interface Props {
  page: Page;
  section: Section;
  /** How the view shows the order of sections. */
  back: { does: string; key: string };
  on: { does: string; key: string };
  onRename: () => void;
  onAdd: (index: number) => void;
  /** Further things to do, that only this view has. */
  further?: { does: string; key: string; run: () => void }[];
}

/** What can be done with a section, the same wherever one is shown. */
export function SectionDo({ page, section, back, on, onRename, onAdd, further = [] }: Props) {
  const { project, act, select } = useWorkbench();
  const index = page.sections.findIndex((one) => one.id === section.id);
  const move = (to: number) => {
    if (to >= 0 && to < page.sections.length)
      act({ type: 'move-section', section: section.id, page: page.id, index: to });
  };
  return (
    <>
      <Do
        actions={[
          { does: 'Rename', key: 'F2', run: onRename },
          { ...back, run: () => move(index - 1) },
          { ...on, run: () => move(index + 1) },
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
          ...further,
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
