import type { Action, Project } from '../api/client';
import type { Selection } from '../project/context';
import { type KeyBinding, pressed } from '../project/keys';
import { sectionKeys } from './sectionKeys';
import { chosenSections } from './selecting';

interface Hands {
  act: (action: Action) => void;
  select: (selection: Selection | null) => void;
  hold: (cut: boolean) => void;
  paste: () => void;
  rename: () => void;
  add: (page: string, index: number) => void;
  open: (page: string) => void;
}

/** The keys of the Plan, for what is selected. */
export function planKeys(project: Project, selection: Selection | null, hands: Hands): KeyBinding[] {
  const row = project.pages.findIndex((page) => page.id === selection?.page);
  const page = project.pages[row];
  if (!page) {
    const first = project.pages[0];
    return first
      ? [
          {
            shown: '↓',
            does: 'First page',
            when: pressed('ArrowDown'),
            run: () => hands.select({ page: first.id }),
          },
        ]
      : [];
  }
  const column = page.sections.findIndex((section) => section.id === selection?.section);
  const section = page.sections[column];
  const choose = (toRow: number, toColumn: number) => {
    const target = project.pages[toRow];
    if (!target) return;
    const cell = toColumn < 0 ? undefined : target.sections[Math.min(toColumn, target.sections.length - 1)];
    hands.select(cell ? { page: target.id, section: cell.id } : { page: target.id });
  };
  const chosen = chosenSections(selection);
  const extend = (by: number) => {
    const next = page.sections[column + by];
    if (!section || !next) return;
    hands.select({ page: page.id, section: next.id, also: chosen.filter((id) => id !== next.id) });
  };
  const all = page.sections.filter((one) => !one.frame);
  const moves: KeyBinding[] = [
    {
      shown: 'Ctrl A',
      does: 'Choose all sections of the page',
      when: pressed('a', { ctrl: true }),
      run: () => {
        const [first, ...rest] = all;
        if (first) hands.select({ page: page.id, section: first.id, also: rest.map((one) => one.id) });
      },
    },
    { shown: '←', does: 'Previous', when: pressed('ArrowLeft'), run: () => choose(row, column - 1) },
    {
      shown: '→',
      does: 'Next',
      when: pressed('ArrowRight'),
      run: () => choose(row, Math.min(column + 1, page.sections.length - 1)),
    },
    { shown: '↑', does: 'On the page above', when: pressed('ArrowUp'), run: () => choose(row - 1, column) },
    { shown: '↓', does: 'On the page below', when: pressed('ArrowDown'), run: () => choose(row + 1, column) },
    { shown: 'F2', does: 'Rename', when: pressed('F2'), run: hands.rename },
    {
      shown: 'A',
      does: 'Add a section',
      when: pressed('a'),
      run: () => hands.add(page.id, column === -1 ? page.sections.length : column + 1),
    },
    {
      shown: 'Shift →',
      does: 'Choose the next one too',
      when: pressed('ArrowRight', { shift: true }),
      run: () => extend(1),
    },
    {
      shown: 'Shift ←',
      does: 'Choose the previous one too',
      when: pressed('ArrowLeft', { shift: true }),
      run: () => extend(-1),
    },
    { shown: 'Ctrl V', does: 'Paste', when: pressed('v', { ctrl: true }), run: hands.paste },
    { shown: 'Enter', does: 'Open in Draft', when: pressed('Enter'), run: () => hands.open(page.id) },
  ];
  if (chosen.length > 1) return [...severalKeys(chosen, page.id, hands), ...moves];
  return section
    ? [...moves, ...placedSectionKeys(project, row, column, hands)]
    : [...moves, ...pageKeys(project, row, hands)];
}

function severalKeys(sections: string[], page: string, { act, select, hold }: Hands): KeyBinding[] {
  return [
    { shown: 'Ctrl C', does: 'Copy', when: pressed('c', { ctrl: true }), run: () => hold(false) },
    { shown: 'Ctrl X', does: 'Cut', when: pressed('x', { ctrl: true }), run: () => hold(true) },
    {
      shown: 'K',
      does: 'Keep them',
      when: pressed('k'),
      run: () => act({ type: 'keep-sections', sections, kept: true }),
    },
    {
      shown: 'Shift K',
      does: 'Let go of them',
      when: pressed('k', { shift: true }),
      run: () => act({ type: 'keep-sections', sections, kept: false }),
    },
    {
      shown: 'Del',
      does: 'Delete them',
      when: (event) => event.key === 'Delete' || event.key === 'Backspace',
      run: () => {
        act({ type: 'remove-sections', sections });
        select({ page });
      },
    },
    { shown: 'Esc', does: 'Choose the page alone', when: pressed('Escape'), run: () => select({ page }) },
  ];
}

function placedSectionKeys(
  project: Project,
  row: number,
  column: number,
  { act, select, hold }: Hands,
): KeyBinding[] {
  const page = project.pages[row];
  const section = page?.sections[column];
  if (!page || !section) return [];
  const along = (by: number) => {
    const index = column + by;
    if (index >= 0 && index < page.sections.length)
      act({ type: 'move-section', section: section.id, page: page.id, index });
  };
  const across = (by: number) => {
    const target = project.pages[row + by];
    if (!target) return;
    act({
      type: 'move-section',
      section: section.id,
      page: target.id,
      index: Math.min(column, Math.max(0, target.sections.length - 1)),
    });
    select({ page: target.id, section: section.id });
  };
  return [
    { shown: 'Ctrl C', does: 'Copy', when: pressed('c', { ctrl: true }), run: () => hold(false) },
    { shown: 'Ctrl X', does: 'Cut', when: pressed('x', { ctrl: true }), run: () => hold(true) },
    { shown: 'Alt ←', does: 'Move left', when: pressed('ArrowLeft', { alt: true }), run: () => along(-1) },
    { shown: 'Alt →', does: 'Move right', when: pressed('ArrowRight', { alt: true }), run: () => along(1) },
    {
      shown: 'Alt ↑',
      does: 'Move to the page above',
      when: pressed('ArrowUp', { alt: true }),
      run: () => across(-1),
    },
    {
      shown: 'Alt ↓',
      does: 'Move to the page below',
      when: pressed('ArrowDown', { alt: true }),
      run: () => across(1),
    },
    ...sectionKeys(project, page, section, { act, select }),
  ];
}

function pageKeys(project: Project, row: number, { act, select }: Hands): KeyBinding[] {
  const page = project.pages[row];
  if (!page) return [];
  const another: KeyBinding = {
    shown: 'N',
    does: 'Another go at the page',
    when: pressed('n'),
    run: () => act({ type: 'another-page', page: page.id }),
  };
  if (page.slug === '') return [another];
  const siblings = project.pages.filter((one) => one.parent === page.parent);
  const place = siblings.indexOf(page);
  const swap = (by: number) => {
    const other = siblings[place + by];
    if (!other || other.slug === '') return;
    act({ type: 'move-page', page: page.id, parent: page.parent, index: project.pages.indexOf(other) });
  };
  const before = siblings[place - 1];
  const parent = project.pages.find((one) => one.id === page.parent);
  return [
    another,
    { shown: 'Alt ↑', does: 'Move up', when: pressed('ArrowUp', { alt: true }), run: () => swap(-1) },
    { shown: 'Alt ↓', does: 'Move down', when: pressed('ArrowDown', { alt: true }), run: () => swap(1) },
    {
      shown: 'Alt →',
      does: 'Below the page before',
      when: pressed('ArrowRight', { alt: true }),
      run: () =>
        before &&
        before.slug !== '' &&
        act({ type: 'move-page', page: page.id, parent: before.id, index: row }),
    },
    {
      shown: 'Alt ←',
      does: 'Back up',
      when: pressed('ArrowLeft', { alt: true }),
      run: () => parent && act({ type: 'move-page', page: page.id, parent: parent.parent, index: row }),
    },
    {
      shown: 'Del',
      does: 'Delete',
      when: pressed('Delete'),
      run: () => {
        act({ type: 'remove-page', page: page.id });
        const next = project.pages[row - 1];
        select(next ? { page: next.id } : null);
      },
    },
  ];
}
