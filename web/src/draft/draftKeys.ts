import type { Action, Page, Project } from '../api/client';
import { editedId, type Selection, shown } from '../project/context';
import { sectionKeys } from '../plan/sectionKeys';
import { type KeyBinding, pressed } from '../project/keys';

interface Hands {
  act: (action: Action) => void;
  select: (selection: Selection | null) => void;
  turn: (by: number) => void;
  widen: () => void;
  type: (section: string) => void;
  preview: () => void;
  add: (index: number) => void;
  another: (section: string) => void;
}

/** The keys of the Draft, for the page that is shown and the section that is selected. */
export function draftKeys(
  project: Project,
  page: Page,
  selected: string | undefined,
  hands: Hands,
): KeyBinding[] {
  const { act, select } = hands;
  const at = page.sections.findIndex((one) => one.id === selected);
  const section = page.sections[at];
  const walk = (by: number) => {
    const next = page.sections[at === -1 ? 0 : Math.max(0, Math.min(page.sections.length - 1, at + by))];
    if (!next) return;
    select({ page: page.id, section: next.id });
    document.querySelector(`[id$="-${next.id}"].drawn-section`)?.scrollIntoView({ block: 'nearest' });
  };
  const always: KeyBinding[] = [
    { shown: '↓', does: 'Next section', when: pressed('ArrowDown'), run: () => walk(1) },
    { shown: '↑', does: 'Previous section', when: pressed('ArrowUp'), run: () => walk(-1) },
    { shown: ']', does: 'Next page', when: pressed(']'), run: () => hands.turn(1) },
    { shown: '[', does: 'Previous page', when: pressed('['), run: () => hands.turn(-1) },
    { shown: 'W', does: 'Another width', when: pressed('w'), run: hands.widen },
    { shown: 'P', does: 'Preview', when: pressed('p'), run: hands.preview },
    {
      shown: 'A',
      does: 'Add a section',
      when: pressed('a'),
      run: () => hands.add(at === -1 ? page.sections.length : at + 1),
    },
  ];
  if (!section) return always;
  const full = shown(project, section);
  const move = (to: number) => {
    if (to >= 0 && to < page.sections.length)
      act({ type: 'move-section', section: section.id, page: page.id, index: to });
  };
  return [
    ...always,
    { shown: 'Enter', does: 'Type', when: pressed('Enter'), run: () => hands.type(section.id) },
    { shown: 'L', does: 'Another layout', when: pressed('l'), run: () => hands.another(section.id) },
    {
      shown: 'F',
      does: 'Flip the side',
      when: pressed('f'),
      run: () => act({ type: 'set-look', section: editedId(full), look: { flipped: !full.look.flipped } }),
    },
    { shown: 'Alt ↑', does: 'Move up', when: pressed('ArrowUp', { alt: true }), run: () => move(at - 1) },
    { shown: 'Alt ↓', does: 'Move down', when: pressed('ArrowDown', { alt: true }), run: () => move(at + 1) },
    ...sectionKeys(project, page, section, { act, select }),
  ];
}
