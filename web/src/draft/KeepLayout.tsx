import type { Section } from '../api/client';
import { KeepNamed } from '../shared/KeepNamed';

/** Keeps the layout of a section with all its settings, for other sections of its kind in any project. */
export function KeepLayout({ section, onClose }: { section: Section; onClose: () => void }) {
  return (
    <KeepNamed
      title="Keep as a layout of your own"
      label="Name of the layout"
      placeholder="Quiet opening"
      longest={60}
      kept="Kept. It stands among the layouts of this kind from now on."
      into={(defaults, name) =>
        Promise.resolve({
          ...defaults,
          layouts: [
            ...defaults.layouts.filter((one) => one.name !== name),
            { name, layout: section.layout, look: section.look },
          ],
        })
      }
      onClose={onClose}
    >
      The layout is kept with what you settled: order, sides, columns, what shows, height, alignment.
    </KeepNamed>
  );
}
