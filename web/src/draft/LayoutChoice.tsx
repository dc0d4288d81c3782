import { Button, Select } from 'antd';
import { useState } from 'react';
import type { Schemas, Section } from '../api/client';
import { editedId, useWorkbench } from '../project/context';
import { Drawn } from '../shared/Drawn';

type Wireframe = Schemas['SectionWireframe'];
type Layout = Wireframe['layouts'][number];

interface Filter {
  name: string;
  label: string;
  options: { label: string; holds: (layout: Layout) => boolean }[];
}

/** What layouts can be looked through by; the first option of each lets all through. */
const FILTERS: Filter[] = [
  {
    name: 'media',
    label: 'Where the picture is',
    options: [
      { label: 'Picture', holds: () => true },
      { label: 'Beside', holds: (layout) => layout.media === 'start' || layout.media === 'end' },
      { label: 'Across', holds: (layout) => ['above', 'below', 'over'].includes(layout.media) },
      { label: 'In items', holds: (layout) => layout.media === 'items' },
      { label: 'None', holds: (layout) => layout.media === 'none' },
    ],
  },
  {
    name: 'columns',
    label: 'How many columns',
    options: [
      { label: 'Columns', holds: () => true },
      { label: 'One', holds: (layout) => layout.columns === 1 },
      { label: '2 or 3', holds: (layout) => layout.columns === 2 || layout.columns === 3 },
      { label: '4 or more', holds: (layout) => layout.columns > 3 },
    ],
  },
  {
    name: 'weight',
    label: 'How heavy',
    options: [
      { label: 'Weight', holds: () => true },
      { label: 'Light', holds: (layout) => layout.weight === 'light' },
      { label: 'Medium', holds: (layout) => layout.weight === 'medium' },
      { label: 'Heavy', holds: (layout) => layout.weight === 'heavy' },
    ],
  },
];

/** The layouts of a section as thumbnails of itself with its own copy, the best first. */
export function LayoutChoice({ section, wireframe }: { section: Section; wireframe: Wireframe }) {
  const { act } = useWorkbench();
  const [chosen, setChosen] = useState<Record<string, number>>({});
  const use = (layout: string) =>
    layout !== section.layout &&
    act({ type: 'edit-section', section: editedId(section), field: 'layout', value: layout });
  const shown = wireframe.layouts.filter((layout) =>
    FILTERS.every(({ name, options }) => options[chosen[name] ?? 0]?.holds(layout) ?? true),
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
          {FILTERS.map(({ name, label, options }) => (
            <Select<number>
              key={name}
              size="small"
              aria-label={label}
              value={chosen[name] ?? 0}
              onChange={(value) => setChosen({ ...chosen, [name]: value })}
              options={options.map((option, value) => ({ value, label: option.label }))}
            />
          ))}
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
          <Button size="small" onClick={() => setChosen({})}>
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
