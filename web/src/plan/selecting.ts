import type { Project } from '../api/client';
import type { Selection } from '../project/context';

/** Ids of all chosen sections, the one last chosen first. */
export const chosenSections = (selection: Selection | null): string[] =>
  selection?.section ? [selection.section, ...(selection.also ?? [])] : [];

/** The choice after one more section was pointed at: added or taken away, or all up to it on the same page. */
export function withSection(
  project: Project,
  selection: Selection | null,
  page: string,
  section: string,
  how: 'alone' | 'toggle' | 'range',
): Selection {
  const chosen = chosenSections(selection);
  if (how === 'toggle' && chosen.length > 0) {
    const others = chosen.filter((id) => id !== section);
    if (others.length === chosen.length) return { page, section, also: chosen };
    const [first, ...rest] = others;
    return first ? { page: pageOf(project, first) ?? page, section: first, also: rest } : { page };
  }
  const sections = project.pages.find((one) => one.id === page)?.sections ?? [];
  const from = sections.findIndex((one) => one.id === selection?.section);
  const to = sections.findIndex((one) => one.id === section);
  if (how === 'range' && from !== -1 && to !== -1) {
    const ids = sections.slice(Math.min(from, to), Math.max(from, to) + 1).map((one) => one.id);
    return { page, section, also: ids.filter((id) => id !== section) };
  }
  return { page, section };
}

const pageOf = (project: Project, section: string): string | undefined =>
  project.pages.find((page) => page.sections.some((one) => one.id === section))?.id;
