import { queryOptions } from '@tanstack/react-query';
import { api, type Project, unwrap } from '../api/client';

/** The diagram of the hierarchy, as of this revision. */
export const sitemapQuery = ({ id, revision }: Project) =>
  queryOptions({
    queryKey: ['sitemap', id, revision],
    queryFn: () => unwrap(api.GET('/api/projects/{project}/sitemap', { params: { path: { project: id } } })),
    placeholderData: (before) => before,
  });
