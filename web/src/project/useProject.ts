import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type Action, api, type Changed, Problem, type Project, said, unwrap } from '../api/client';
import { NO_CHECKS } from './context';
import { projectQuery } from './opening';

/** Milliseconds between two tries while the network is away. */
const AGAIN_AFTER = 3000;
/** Milliseconds between two looks for what was changed in another tab. */
const LOOK_EVERY = 2500;

export type SaveState = 'saved' | 'saving' | 'failed';
type Step = { action: Action } | { step: 'undo' | 'redo' } | { takeOver: TakeOver } | { restore: number };

/** Facts of another project, by the ids of their proposals. */
export interface TakeOver {
  other: string;
  accept: string[];
}

/** Puts what differs into the project that is shown. */
export function merge(project: Project, changed: Changed): Project {
  const known = new Map(project.pages.map((page) => [page.id, page]));
  for (const page of changed.pages) known.set(page.id, page);
  return {
    ...project,
    ...changed,
    brief: changed.brief ?? project.brief,
    shared: changed.shared ?? project.shared,
    pages: changed.order.flatMap(({ id }) => known.get(id) ?? []),
  };
}

/**
 * A project and the way to change it. Changes go out one after the other, each on the revision the one before
 * left; when the network fails they wait and nothing typed is lost.
 */
export function useProject(id: string) {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const key = useMemo(() => projectQuery(id).queryKey, [id]);
  const query = useQuery(projectQuery(id));
  const revision = query.data?.revision;
  const checks = useQuery({
    queryKey: ['checks', id, revision],
    queryFn: () => unwrap(api.GET('/api/projects/{project}/checks', { params: { path: { project: id } } })),
    enabled: revision !== undefined,
    placeholderData: keepPreviousData,
  });
  const latest = useQuery({
    queryKey: ['revision', id],
    queryFn: () => unwrap(api.GET('/api/projects/{project}/revision', { params: { path: { project: id } } })),
    enabled: revision !== undefined,
    refetchInterval: LOOK_EVERY,
  });
  const [state, setState] = useState<SaveState>('saved');
  const waiting = useRef<Step[]>([]);
  const running = useRef(false);

  const send = useCallback(
    (step: Step, revision: number) => {
      const params = { path: { project: id } };
      if ('action' in step)
        return unwrap(
          api.POST('/api/projects/{project}/changes', { params, body: { revision, action: step.action } }),
        );
      if ('takeOver' in step)
        return unwrap(
          api.POST('/api/projects/{project}/elsewhere/{other}', {
            params: { path: { project: id, other: step.takeOver.other } },
            body: { revision, accept: step.takeOver.accept },
          }),
        );
      if ('restore' in step)
        return unwrap(
          api.POST('/api/projects/{project}/history/{revision}/restore', {
            params: { path: { project: id, revision: step.restore } },
          }),
        );
      return step.step === 'undo'
        ? unwrap(api.POST('/api/projects/{project}/undo', { params }))
        : unwrap(api.POST('/api/projects/{project}/redo', { params }));
    },
    [id],
  );

  const drain = useCallback(async () => {
    if (running.current) return;
    running.current = true;
    setState((now) => (now === 'failed' ? 'failed' : 'saving'));
    while (waiting.current[0]) {
      const project = queries.getQueryData<Project>(key);
      if (!project) break;
      try {
        const changed = await send(waiting.current[0], project.revision);
        waiting.current.shift();
        queries.setQueryData<Project>(key, (now) => (now ? merge(now, changed) : now));
        void queries.invalidateQueries({ queryKey: ['drawings', id] });
        void queries.invalidateQueries({ queryKey: ['wireframe', id] });
      } catch (error) {
        const kept = error instanceof Problem && (error.status === 0 || error.status >= 500);
        if (kept) {
          setState('failed');
          running.current = false;
          return;
        }
        waiting.current.shift();
        void message.error(said(error), 7);
        if (error instanceof Problem && error.status === 401)
          void queries.invalidateQueries({ queryKey: ['me'] });
        if (error instanceof Problem && error.status === 409) await queries.refetchQueries({ queryKey: key });
      }
    }
    running.current = false;
    setState('saved');
  }, [id, key, message, queries, send]);

  const push = useCallback(
    (step: Step) => {
      waiting.current.push(step);
      void drain();
    },
    [drain],
  );

  const elsewhere = latest.data?.revision ?? 0;
  useEffect(() => {
    if (revision !== undefined && elsewhere > revision && waiting.current.length === 0 && !running.current)
      void queries.refetchQueries({ queryKey: key });
  }, [elsewhere, key, queries, revision]);

  useEffect(() => {
    const keep = (event: BeforeUnloadEvent) => {
      if (waiting.current.length > 0) event.preventDefault();
    };
    const again = () => void drain();
    window.addEventListener('beforeunload', keep);
    window.addEventListener('online', again);
    const timer = state === 'failed' ? window.setInterval(again, AGAIN_AFTER) : undefined;
    return () => {
      window.removeEventListener('beforeunload', keep);
      window.removeEventListener('online', again);
      window.clearInterval(timer);
    };
  }, [drain, state]);

  return {
    query,
    checks: checks.data ?? NO_CHECKS,
    state,
    act: useCallback((action: Action) => push({ action }), [push]),
    takeOver: useCallback((takeOver: TakeOver) => push({ takeOver }), [push]),
    restore: useCallback((revision: number) => push({ restore: revision }), [push]),
    undo: useCallback(() => push({ step: 'undo' }), [push]),
    redo: useCallback(() => push({ step: 'redo' }), [push]),
    retry: useCallback(() => void drain(), [drain]),
  };
}
