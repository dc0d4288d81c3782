import type { DragEndEvent, DragMoveEvent } from '@dnd-kit/core';
import type { Action, Project } from '../api/client';

/** Where a dragged thing would come down, and the change that makes it so. */
export interface Landing {
  page: string;
  /** Between which sections, or null when a page lands above or below this one. */
  gap: number | null;
  below: boolean;
  action: Action;
}

export function landingOf({ active, over }: DragMoveEvent | DragEndEvent, project: Project): Landing | null {
  const from = active.data.current as { page: string; section?: string } | undefined;
  const onto = over?.data.current as { page: string; index?: number } | undefined;
  const rect = active.rect.current.translated;
  if (!from || !onto || !over || !rect) return null;
  if (from.section) {
    const target = project.pages.find((page) => page.id === onto.page);
    if (!target) return null;
    const after = rect.left + rect.width / 2 > over.rect.left + over.rect.width / 2;
    const gap = onto.index === undefined ? target.sections.length : onto.index + (after ? 1 : 0);
    const at = target.sections.findIndex((section) => section.id === from.section);
    if (at !== -1 && (gap === at || gap === at + 1)) return null;
    const index = at !== -1 && at < gap ? gap - 1 : gap;
    return {
      page: onto.page,
      gap,
      below: false,
      action: { type: 'move-section', section: from.section, page: onto.page, index },
    };
  }
  const moved = project.pages.findIndex((page) => page.id === from.page);
  const target = project.pages.findIndex((page) => page.id === onto.page);
  const parent = project.pages[target]?.parent ?? null;
  if (moved === target || target === -1) return null;
  const below = rect.top + rect.height / 2 > over.rect.top + over.rect.height / 2 || target === 0;
  const gap = target + (below ? 1 : 0);
  return {
    page: onto.page,
    gap: null,
    below,
    action: { type: 'move-page', page: from.page, parent, index: moved < gap ? gap - 1 : gap },
  };
}
