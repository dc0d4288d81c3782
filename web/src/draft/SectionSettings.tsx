import { Button, Checkbox, Segmented } from 'antd';
import type { Schemas, Section } from '../api/client';
import { editedId, useWorkbench } from '../project/context';

type Wireframe = Schemas['SectionWireframe'];

/** What can be settled about a section beyond its layout: sides, media, height, alignment, and which slots show. */
export function SectionSettings({ section, wireframe }: { section: Section; wireframe: Wireframe }) {
  const { act } = useWorkbench();
  const { look } = wireframe;
  const id = editedId(section);
  const set = (change: Schemas['Look']) => act({ type: 'set-look', section: id, look: change });
  const optional = wireframe.slots.filter((slot) => slot.optional || !slot.shown);
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
      {optional.length > 0 && (
        <fieldset className="shows">
          <legend>Shows</legend>
          {optional.map((slot) => (
            <Checkbox
              key={slot.slot}
              checked={slot.shown}
              onChange={(event) =>
                act({ type: 'show-slot', section: id, slot: slot.slot, shown: event.target.checked })
              }
            >
              {slot.label}
            </Checkbox>
          ))}
        </fieldset>
      )}
    </>
  );
}
