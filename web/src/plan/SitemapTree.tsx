import { useQuery } from '@tanstack/react-query';
import { Alert, Spin } from 'antd';
import { type Project, said } from '../api/client';
import { useWorkbench } from '../project/context';
import { sitemapQuery } from '../project/sitemap';
import { Drawn } from '../shared/Drawn';
import { useTreeDrag } from './useTreeDrag';

/**
 * The other projection of the plan: what stands below what, on one sheet. A page is chosen by pointing at it, and moved below
 * another by dragging it there.
 */
export function SitemapTree() {
  const { project, act, select } = useWorkbench();
  const tree = useQuery(sitemapQuery(project));
  const { dragged, over, on } = useTreeDrag({
    choose: (page) => select({ page }),
    drop: (page, onto) => {
      const target = project.pages.find((one) => one.id === onto);
      const parent = target && target.slug !== '' ? target.id : null;
      if (project.pages.find((one) => one.id === page)?.slug === '' || within(project, parent, page)) return;
      act({ type: 'move-page', page, parent, index: endOf(project, parent) });
      select({ page });
    },
  });
  if (tree.error) return <Alert type="error" title={said(tree.error)} role="alert" />;
  if (!tree.data) return <Spin />;
  const title = (id: string | null) => project.pages.find((one) => one.id === id)?.title;
  return (
    <div className={`sitemap-tree${dragged ? ' dragging' : ''}`} role="presentation" {...on}>
      {over && over !== dragged && (
        <style>{`.sitemap-tree [data-page="${CSS.escape(over)}"] rect { stroke: var(--sea); stroke-width: 3px; }`}</style>
      )}
      <Drawn svg={tree.data.svg} label="Sitemap" />
      <p className="small do">
        <a href={`/api/projects/${project.id}/exports/sitemap-svg`}>Download as SVG</a>
        <a href={`/api/projects/${project.id}/exports/sitemap-pdf`}>Download as PDF, one sheet</a>
        <span className="quiet" role="status">
          {dragged
            ? over && over !== dragged
              ? `“${title(dragged) ?? ''}” below “${title(over) ?? ''}”`
              : `“${title(dragged) ?? ''}” to the top`
            : 'Drag a page onto another to put it below.'}
        </span>
      </p>
    </div>
  );
}

/** Whether a page stands below another, or is it. */
function within(project: Project, page: string | null, other: string): boolean {
  for (let at = page; at !== null; at = project.pages.find((one) => one.id === at)?.parent ?? null)
    if (at === other) return true;
  return false;
}

/** The place after the last page below a parent. */
function endOf(project: Project, parent: string | null): number {
  let end = project.pages.length;
  if (parent !== null)
    project.pages.forEach((one, at) => {
      if (within(project, one.id, parent)) end = at + 1;
    });
  return end;
}
