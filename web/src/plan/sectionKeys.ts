import type { Action, Page, Project, Section } from '../api/client';
import { editedId, type Selection, shown } from '../project/context';
import { type KeyBinding, pressed } from '../project/keys';

/** The keys that do the same with a section wherever one is selected. */
export function sectionKeys(
  project: Project,
  page: Page,
  section: Section,
  { act, select }: { act: (action: Action) => void; select: (selection: Selection | null) => void },
): KeyBinding[] {
  const full = shown(project, section);
  const at = page.sections.indexOf(section);
  return [
    {
      shown: 'N',
      does: 'Another go',
      when: pressed('n'),
      run: () => act({ type: 'another-section', section: section.id }),
    },
    {
      shown: 'K',
      does: 'Keep',
      when: pressed('k'),
      run: () =>
        act({
          type: 'edit-section',
          section: editedId(full),
          field: 'kept',
          value: full.kept ? 'no' : 'yes',
        }),
    },
    {
      shown: 'Ctrl D',
      does: 'Duplicate',
      when: pressed('d', { ctrl: true }),
      run: () => act({ type: 'duplicate-section', section: section.id }),
    },
    {
      shown: 'Del',
      does: 'Delete',
      when: (event) => event.key === 'Delete' || event.key === 'Backspace',
      run: () => {
        act({ type: 'remove-section', section: section.id });
        const next = page.sections[at + 1] ?? page.sections[at - 1];
        select(next ? { page: page.id, section: next.id } : { page: page.id });
      },
    },
  ];
}
