import { type QueryClient, queryOptions } from '@tanstack/react-query';
import { matchPath } from 'react-router-dom';
import { api, type Project, unwrap } from '../api/client';
import { frame, views } from './views';

/** For so long what was fetched ahead counts as fresh; changes of others are looked for more often anyway. */
const FRESH = 2000;

/** A change may arrive while an older answer is still on its way; that answer must not take it back. */
const newer = (known: Project | undefined, found: Project): Project =>
  known && known.revision > found.revision ? known : found;

export const projectQuery = (id: string) =>
  queryOptions({
    queryKey: ['project', id],
    staleTime: FRESH,
    queryFn: async ({ client }) => {
      const found = await unwrap(api.GET('/api/projects/{project}', { params: { path: { project: id } } }));
      return newer(client.getQueryData<Project>(['project', id]), found);
    },
  });

/** Who is signed in. */
export const meQuery = queryOptions({ queryKey: ['me'], queryFn: () => unwrap(api.GET('/api/me')) });

/** Whoever comes by the address of a project gets it fetched while the application is still being set up. */
export function fetchAhead(queries: QueryClient, path: string): void {
  const id = matchPath('/projects/:project/*', path)?.params.project;
  if (!id) return;
  queries.query({ ...meQuery, staleTime: FRESH }).catch(() => undefined);
  queries.query(projectQuery(id)).catch(() => undefined);
  void frame.ahead();
  const stop = path.split('/')[3] ?? '';
  if (stop in views) void views[stop as keyof typeof views].ahead();
}
