import { Checkbox, Modal, Radio } from 'antd';
import { useState } from 'react';
import type { Schemas, Section } from '../api/client';
import { editedId, useWorkbench } from '../project/context';

type Wireframe = Schemas['SectionWireframe'];
type What = 'layout' | 'look' | 'both';

/** The layout or the settings of one section for all of its kind, with what will change. One undo takes it back. */
export function Everywhere({
  section,
  wireframe,
  onClose,
}: {
  section: Section;
  wireframe: Wireframe;
  onClose: () => void;
}) {
  const { act } = useWorkbench();
  const [what, setWhat] = useState<What>('layout');
  const [left, setLeft] = useState<string[]>([]);
  const pages = [...new Map(wireframe.alike.map((one) => [one.page, one.pageTitle]))];
  const taken = wireframe.alike.filter((one) => !left.includes(one.page));
  const changing = taken.filter(
    (one) => (what !== 'look' && one.layout !== section.layout) || (what !== 'layout' && !one.sameLook),
  );
  const becomes = (one: (typeof taken)[number]) => {
    if (left.includes(one.page)) return 'stays';
    if (!changing.includes(one)) return 'is like this already';
    return what === 'look' || one.layout === section.layout
      ? 'has other settings'
      : `now ${one.layout.split('.')[1] ?? ''}`;
  };
  const label = wireframe.layouts.find((one) => one.id === section.layout)?.label ?? section.layout;
  return (
    <Modal
      open
      title={`The same for every “${section.kindLabel}”`}
      okText={changing.length === 1 ? 'Change 1 section' : `Change ${changing.length} sections`}
      okButtonProps={{ disabled: changing.length === 0 }}
      onCancel={onClose}
      onOk={() => {
        act({
          type: 'use-everywhere',
          section: editedId(section),
          what,
          ...(left.length > 0 ? { pages: pages.map(([id]) => id).filter((id) => !left.includes(id)) } : {}),
        });
        onClose();
      }}
    >
      <Radio.Group
        className="stacked"
        value={what}
        onChange={(event) => setWhat(event.target.value as What)}
        options={[
          { value: 'layout', label: `The layout: ${label}` },
          { value: 'look', label: 'The settings: sides, media, height, alignment, what shows' },
          { value: 'both', label: 'Both' },
        ]}
      />
      <p className="small quiet">
        These sections are of the same kind. What is kept stays as it is and is not listed.
      </p>
      <ul className="everywhere">
        {pages.map(([id, title]) => (
          <li key={id}>
            <Checkbox
              checked={!left.includes(id)}
              onChange={(event) =>
                setLeft(event.target.checked ? left.filter((one) => one !== id) : [...left, id])
              }
            >
              {title}
            </Checkbox>
            <span className="quiet small">
              {wireframe.alike
                .filter((one) => one.page === id)
                .map((one) => `${one.title}: ${becomes(one)}`)
                .join('; ')}
            </span>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
