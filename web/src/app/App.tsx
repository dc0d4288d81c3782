import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router-dom';
import { api, Problem, said, unwrap } from '../api/client';
import { loadFrame } from '../project/opening';
import { ProjectsPage } from '../projects/ProjectsPage';
import { SignInPage } from './SignInPage';
import { Trouble } from './Trouble';
import { Waiting } from './Waiting';

const DefaultsPage = lazy(() => import('../projects/DefaultsPage'));
const ProjectFrame = lazy(loadFrame);

export function App() {
  const me = useQuery({ queryKey: ['me'], queryFn: () => unwrap(api.GET('/api/me')) });
  if (me.isPending) return <Waiting />;
  if (me.error instanceof Problem && me.error.status === 401) return <SignInPage />;
  if (me.error)
    return <Trouble title="Not available just now" text={said(me.error)} onRetry={() => void me.refetch()} />;
  return (
    <Suspense fallback={<Waiting />}>
      <Routes>
        <Route path="/" element={<ProjectsPage account={me.data} />} />
        <Route path="/projects/:project/*" element={<ProjectFrame />} />
        <Route path="/defaults" element={<DefaultsPage />} />
        <Route path="*" element={<Navigate to="/" replace />} />
      </Routes>
    </Suspense>
  );
}
