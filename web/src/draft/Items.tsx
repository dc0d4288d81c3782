import { Button } from 'antd';
import type { Drawing, Schemas, Section } from '../api/client';
import { editedId, useWorkbench } from '../project/context';

type Wireframe = Schemas['SectionWireframe'];

/** The items of a section: how many, in which order. */
export function Items({
  section,
  wireframe,
  drawing,
}: {
  section: Section;
  wireframe: Wireframe;
  drawing: Drawing | undefined;
}) {
  const { act } = useWorkbench();
  const id = editedId(section);
  if (section.frame || !wireframe.slots.some((slot) => slot.items)) return null;
  const nameOf = (item: number) =>
    drawing?.slots.find((slot) => slot.item === item && !slot.media)?.text ?? `Item ${item + 1}`;
  return (
    <>
      <h3>
        Items <span className="quiet">{wireframe.items}</span>
      </h3>
      <ol className="item-list">
        {Array.from({ length: wireframe.items }, (_, item) => (
          <li key={item}>
            <span className="name" title={nameOf(item)}>
              {nameOf(item)}
            </span>
            <Button
              size="small"
              aria-label={`Move item ${item + 1} up`}
              disabled={item === 0}
              onClick={() => act({ type: 'move-item', section: id, item, to: item - 1 })}
            >
              ↑
            </Button>
            <Button
              size="small"
              aria-label={`Move item ${item + 1} down`}
              disabled={item === wireframe.items - 1}
              onClick={() => act({ type: 'move-item', section: id, item, to: item + 1 })}
            >
              ↓
            </Button>
            <Button
              size="small"
              aria-label={`Remove item ${item + 1}`}
              onClick={() => act({ type: 'remove-item', section: id, item })}
            >
              ×
            </Button>
          </li>
        ))}
      </ol>
      <Button size="small" onClick={() => act({ type: 'add-item', section: id, after: wireframe.items - 1 })}>
        Add an item
      </Button>
    </>
  );
}
