import type { Checks, Comment, Page, Project } from '../api/client';
import { shown } from '../project/context';

export type Filter = 'all' | 'findings' | 'comments' | 'supply' | 'kept';

export const FILTERS: { value: Filter; label: string }[] = [
  { value: 'all', label: 'All pages' },
  { value: 'findings', label: 'With findings' },
  { value: 'comments', label: 'With open comments' },
  { value: 'supply', label: 'With texts to supply' },
  { value: 'kept', label: 'With something kept' },
];

/** The pages that a filter lets through, in the order of the plan. */
export function filtered(project: Project, checks: Checks, comments: Comment[], filter: Filter): Page[] {
  if (filter === 'all') return project.pages;
  const found = new Set(
    checks.findings.filter((finding) => finding.remark === null).flatMap((finding) => finding.where),
  );
  const commented = new Set(
    comments.filter((comment) => comment.doneAt === null).map((comment) => comment.section),
  );
  return project.pages.filter((page) => {
    const sections = page.sections.map((section) => shown(project, section));
    switch (filter) {
      case 'findings':
        return found.has(page.id) || sections.some((section) => found.has(section.id));
      case 'comments':
        return sections.some((section) => commented.has(section.id));
      case 'supply':
        return sections.some((section) => section.shared === null && section.toSupply > 0);
      case 'kept':
        return sections.some((section) => section.kept);
    }
  });
}

/** Pages of one kind side by side; otherwise their order stays. */
export const byKind = (pages: Page[]): Page[] => {
  const order = [...new Set(pages.map((page) => page.kind))];
  return [...pages].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind));
};
