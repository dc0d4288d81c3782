import { useQuery } from '@tanstack/react-query';
import { Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router-dom';
import { Problem, said } from '../api/client';
import { meQuery } from '../project/opening';
import { frame } from '../project/views';
import { ProjectsPage } from '../projects/ProjectsPage';
import { fetched } from '../shared/fetched';
import { SignInPage } from './SignInPage';
import { Trouble } from './Trouble';
import { Waiting } from './Waiting';

const DefaultsPage = fetched(() => import('../projects/DefaultsPage')).Component;
const ProjectFrame = frame.Component;

export function App() {
  const me = useQuery({ ...meQuery, staleTime: 2000 });
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
