import { Select } from 'antd';
import type { Selection } from '../project/context';
import { useWorkbench } from '../project/context';
import { Do } from './Do';
import { chosenSections } from './selecting';

interface Props {
  selection: Selection;
  onCopy: (cut: boolean) => void;
}

/** Several sections at once. */
export function SeveralDetails({ selection, onCopy }: Props) {
  const { project, act, select } = useWorkbench();
  const sections = chosenSections(selection);
  const pages = project.pages.filter((page) => page.sections.some((one) => sections.includes(one.id)));
  return (
    <>
      <h2>{sections.length} sections</h2>
      <p className="quiet">
        {pages.length === 1 ? `On ${pages[0]?.title ?? ''}.` : `On ${pages.length} pages.`}
      </p>
      <h3>Do</h3>
      <Do
        actions={[
          {
            does: 'Keep as they are',
            key: 'K',
            run: () => act({ type: 'keep-sections', sections, kept: true }),
          },
          {
            does: 'Let go of them',
            key: 'Shift K',
            run: () => act({ type: 'keep-sections', sections, kept: false }),
          },
          { does: 'Copy', key: 'Ctrl C', run: () => onCopy(false) },
          { does: 'Cut', key: 'Ctrl X', run: () => onCopy(true) },
          {
            does: 'Delete',
            key: 'Del',
            run: () => {
              act({ type: 'remove-sections', sections });
              select({ page: selection.page });
            },
          },
        ]}
      />
      <Select
        className="move-to"
        size="small"
        aria-label="Move them to another page"
        placeholder="Move them to another page"
        value={null}
        showSearch={{ optionFilterProp: 'label' }}
        options={project.pages.map((one) => ({ value: one.id, label: one.title }))}
        onChange={(target: string | null) => {
          const to = project.pages.find((one) => one.id === target);
          if (!to) return;
          act({
            type: 'move-sections',
            sections,
            page: to.id,
            index: Math.max(0, to.sections.length - 1),
          });
          select({ page: to.id });
        }}
      />
    </>
  );
}
