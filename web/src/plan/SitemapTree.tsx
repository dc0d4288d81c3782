import { useQuery } from '@tanstack/react-query';
import { Alert, Spin } from 'antd';
import { said } from '../api/client';
import { useWorkbench } from '../project/context';
import { sitemapQuery } from '../project/sitemap';
import { Drawn } from '../shared/Drawn';

/** The other projection of the plan: what stands below what, on one sheet. A page is chosen by pointing at it. */
export function SitemapTree() {
  const { project, select } = useWorkbench();
  const tree = useQuery(sitemapQuery(project));
  if (tree.error) return <Alert type="error" title={said(tree.error)} role="alert" />;
  if (!tree.data) return <Spin />;
  return (
    <div
      className="sitemap-tree"
      role="presentation"
      onClick={(event) => {
        const page = event.target instanceof Element ? event.target.closest('[data-page]') : null;
        const id = page?.getAttribute('data-page');
        if (id) select({ page: id });
      }}
    >
      <Drawn svg={tree.data.svg} label="Sitemap" />
      <p className="small do">
        <a href={`/api/projects/${project.id}/exports/sitemap-svg`}>Download as SVG</a>
        <a href={`/api/projects/${project.id}/exports/sitemap-pdf`}>Download as PDF, one sheet</a>
      </p>
    </div>
  );
}
