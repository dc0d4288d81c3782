import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';

/** What can be chosen: kinds of section, page and fact. It does not change while one works. */
export const catalogueQuery = queryOptions({
  queryKey: ['catalogue'],
  queryFn: () => unwrap(api.GET('/api/catalogue')),
  staleTime: Infinity,
});
