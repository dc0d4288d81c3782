import { createContext, useContext } from 'react';
import type { TakeOver } from './useProject';
import type { Action, Checks, Project, Section } from '../api/client';

export interface Workbench {
  project: Project;
  /** As of the last change or the one before: they arrive a moment after a change is shown. */
  checks: Checks;
  act: (action: Action) => void;
  takeOver: (what: TakeOver) => void;
  /** Goes back to how it was after this change. */
  restore: (revision: number) => void;
  /** Ids of what is selected: a page, or a section with its page. */
  selection: Selection | null;
  select: (selection: Selection | null) => void;
}

export interface Selection {
  page: string;
  section?: string;
  /** Further sections chosen with it, on any page. */
  also?: string[];
}

export const WorkbenchContext = createContext<Workbench | null>(null);

export const NO_CHECKS: Checks = {
  revision: 0,
  effort: { hours: 0, parts: [], cost: null },
  coverage: [],
  findings: [],
  presentSite: [],
};

export function useWorkbench(): Workbench {
  const bench = useContext(WorkbenchContext);
  if (!bench) throw new Error('The workbench is used outside of a project.');
  return bench;
}

/** What is shown for a section: the shared one it stands for, under its own id. */
export function shown(project: Pick<Project, 'shared'>, section: Section): Section {
  const shared =
    section.shared === null ? undefined : project.shared.find((one) => one.id === section.shared);
  return shared ? { ...shared, id: section.id, shared: shared.id } : section;
}

/** On how many pages a shared section stands. */
export function timesShared(project: Project, shared: string): number {
  return project.pages.filter((page) => page.sections.some((section) => section.shared === shared)).length;
}

/** The id under which a section's words, name and layout are changed. */
export const editedId = (section: Section): string => section.shared ?? section.id;
