import { Button, Select } from 'antd';
import { useState } from 'react';
import type { Schemas, Section } from '../api/client';
import { editedId, useWorkbench } from '../project/context';
import { Drawn } from '../shared/Drawn';

type Wireframe = Schemas['SectionWireframe'];
type Layout = Wireframe['layouts'][number];

const MEDIA: Record<string, (layout: Layout) => boolean> = {
  any: () => true,
  beside: (layout) => layout.media === 'start' || layout.media === 'end',
  across: (layout) => ['above', 'below', 'over'].includes(layout.media),
  items: (layout) => layout.media === 'items',
  none: (layout) => layout.media === 'none',
};
const COLUMNS: Record<string, (layout: Layout) => boolean> = {
  any: () => true,
  one: (layout) => layout.columns === 1,
  few: (layout) => layout.columns === 2 || layout.columns === 3,
  many: (layout) => layout.columns > 3,
};

/** The layouts of a section as thumbnails of itself with its own copy, the best first. */
export function LayoutChoice({ section, wireframe }: { section: Section; wireframe: Wireframe }) {
  const { act } = useWorkbench();
  const [media, setMedia] = useState('any');
  const [columns, setColumns] = useState('any');
  const [weight, setWeight] = useState('any');
  const use = (layout: string) =>
    layout !== section.layout &&
    act({ type: 'edit-section', section: editedId(section), field: 'layout', value: layout });
  const shown = wireframe.layouts.filter(
    (layout) =>
      (MEDIA[media]?.(layout) ?? true) &&
      (COLUMNS[columns]?.(layout) ?? true) &&
      (weight === 'any' || layout.weight === weight),
  );
  return (
    <>
      <h3>
        Layout{' '}
        <span className="quiet">
          {shown.length === wireframe.layouts.length
            ? shown.length
            : `${shown.length} of ${wireframe.layouts.length}`}
        </span>
      </h3>
      {wireframe.layouts.length > 4 && (
        <div className="layout-filter">
          <Select
            size="small"
            aria-label="Where the picture is"
            value={media}
            onChange={setMedia}
            options={[
              { value: 'any', label: 'Picture' },
              { value: 'beside', label: 'Beside' },
              { value: 'across', label: 'Across' },
              { value: 'items', label: 'In items' },
              { value: 'none', label: 'None' },
            ]}
          />
          <Select
            size="small"
            aria-label="How many columns"
            value={columns}
            onChange={setColumns}
            options={[
              { value: 'any', label: 'Columns' },
              { value: 'one', label: 'One' },
              { value: 'few', label: '2 or 3' },
              { value: 'many', label: '4 or more' },
            ]}
          />
          <Select
            size="small"
            aria-label="How heavy"
            value={weight}
            onChange={setWeight}
            options={[
              { value: 'any', label: 'Weight' },
              { value: 'light', label: 'Light' },
              { value: 'medium', label: 'Medium' },
              { value: 'heavy', label: 'Heavy' },
            ]}
          />
        </div>
      )}
      <div className="layouts" role="radiogroup" aria-label="Layout">
        {shown.map((layout) => (
          <button
            key={layout.id}
            className={`plain layout${layout.id === section.layout ? ' chosen' : ''}`}
            role="radio"
            aria-checked={layout.id === section.layout}
            title={layout.label}
            aria-label={layout.label}
            onClick={() => use(layout.id)}
          >
            <Drawn svg={layout.thumbnail} />
            <span className="small">{layout.label}</span>
          </button>
        ))}
      </div>
      {wireframe.own.length > 0 && (
        <div className="layouts own" role="group" aria-label="Your own layouts">
          {wireframe.own.map((own) => (
            <button
              key={own.name}
              className="plain layout"
              title={own.name}
              aria-label={`Your own: ${own.name}`}
              onClick={() =>
                act({ type: 'lay-out', section: editedId(section), layout: own.layout, look: own.look })
              }
            >
              <Drawn svg={own.thumbnail} />
              <span className="small">Your own: {own.name}</span>
            </button>
          ))}
        </div>
      )}
      {shown.length === 0 && (
        <p className="quiet">
          No layout is like that.{' '}
          <Button
            size="small"
            onClick={() => {
              setMedia('any');
              setColumns('any');
              setWeight('any');
            }}
          >
            Show all
          </Button>
        </p>
      )}
    </>
  );
}

/** The layout that follows in the list; after the last, the first again, so that none comes twice before all were seen. */
export function nextLayout(section: Section, wireframe: Wireframe): string | undefined {
  const ids = wireframe.layouts.map((layout) => layout.id).sort();
  return ids[(ids.indexOf(section.layout) + 1) % ids.length];
}
