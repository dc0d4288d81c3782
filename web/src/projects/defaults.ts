import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';

/** What the designer puts into every project. */
export const defaultsQuery = queryOptions({
  queryKey: ['defaults'],
  queryFn: () => unwrap(api.GET('/api/defaults')),
});
