import { Button, Checkbox, Segmented, Select } from 'antd';
import type { Schemas, Section } from '../api/client';
import { editedId, useWorkbench } from '../project/context';

type Wireframe = Schemas['SectionWireframe'];

/** What can be settled about a section beyond its layout: sides, media, height, alignment, and which slots show. */
export function SectionSettings({ section, wireframe }: { section: Section; wireframe: Wireframe }) {
  const { act } = useWorkbench();
  const { look } = wireframe;
  const id = editedId(section);
  const set = (change: Schemas['Look']) => act({ type: 'set-look', section: id, look: change });
  const order = (slot: string, by: number) => {
    const slots = wireframe.slots.map((one) => one.slot);
    const at = slots.indexOf(slot);
    slots.splice(at, 1);
    slots.splice(at + by, 0, slot);
    set({ order: slots });
  };
  return (
    <>
      <div className="settings">
        {wireframe.sides && (
          <Button size="small" onClick={() => set({ flipped: !look.flipped })}>
            Flip side
          </Button>
        )}
        {wireframe.pictured && (
          <Segmented<string>
            size="small"
            aria-label="Picture or video"
            value={look.media === 'video' ? 'video' : 'picture'}
            onChange={(media) => set({ media: media === 'video' ? 'video' : '' })}
            options={[
              { value: 'picture', label: 'Picture' },
              { value: 'video', label: 'Video' },
            ]}
          />
        )}
        {!section.frame && (
          <>
            <Segmented<string>
              size="small"
              aria-label="Height"
              value={look.full ? 'full' : 'content'}
              onChange={(height) => set({ full: height === 'full' })}
              options={[
                { value: 'content', label: 'As its content' },
                { value: 'full', label: 'Whole screen' },
              ]}
            />
            <Segmented<string>
              size="small"
              aria-label="Alignment"
              value={look.align === '' ? 'layout' : (look.align ?? 'layout')}
              onChange={(align) => set({ align: align === 'start' || align === 'center' ? align : '' })}
              options={[
                { value: 'layout', label: 'As laid out' },
                { value: 'start', label: 'Start' },
                { value: 'center', label: 'Centre' },
              ]}
            />
          </>
        )}
      </div>
      {!section.frame && wireframe.columns > 0 && (
        <Select<number>
          className="columns"
          size="small"
          aria-label="Columns of the items"
          value={look.columns ?? 0}
          onChange={(columns) => set({ columns })}
          options={[
            { value: 0, label: 'Columns as laid out' },
            { value: 1, label: 'One column' },
            ...[2, 3, 4, 5, 6].map((columns) => ({ value: columns, label: `${columns} columns` })),
          ]}
        />
      )}
      <fieldset className="shows">
        <legend>Shows, in this order</legend>
        {wireframe.slots.map((slot, at) => (
          <div key={slot.slot} className="slot-row">
            <Checkbox
              checked={slot.shown}
              disabled={!slot.optional && slot.shown}
              onChange={(event) =>
                act({ type: 'show-slot', section: id, slot: slot.slot, shown: event.target.checked })
              }
            >
              {slot.label}
            </Checkbox>
            <Button
              size="small"
              type="text"
              aria-label={`Move ${slot.label} up`}
              disabled={at === 0}
              onClick={() => order(slot.slot, -1)}
            >
              ↑
            </Button>
            <Button
              size="small"
              type="text"
              aria-label={`Move ${slot.label} down`}
              disabled={at === wireframe.slots.length - 1}
              onClick={() => order(slot.slot, 1)}
            >
              ↓
            </Button>
          </div>
        ))}
      </fieldset>
    </>
  );
}
