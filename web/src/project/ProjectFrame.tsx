import { Button, Input, Modal } from 'antd';
import { Suspense, useEffect, useMemo, useState } from 'react';
import { Link, Navigate, Route, Routes, useLocation, useNavigate, useParams } from 'react-router-dom';
import { said } from '../api/client';
import { Waiting } from '../app/Waiting';
import { Trouble } from '../app/Trouble';
import { type Selection, type Workbench, WorkbenchContext } from './context';
import { CourseLine, type Stop } from './CourseLine';
import { history, views } from './views';
import { KeyboardHelp } from './KeyboardHelp';
import { pressed, useKeys } from './keys';
import { Palette } from './Palette';
import { type SaveState, useProject } from './useProject';

const BriefView = views.brief.Component;
const Interview = views.interview.Component;
const PlanView = views.plan.Component;
const DraftView = views.draft.Component;
const ReviewView = views.review.Component;
const HandoffView = views['hand-off'].Component;
const HistoryDrawer = history.Component;

/** Milliseconds after which the other views are fetched, so that going there takes no time. */
const REST_AFTER = 1500;

export default function ProjectFrame() {
  const { project: id = '' } = useParams();
  const bench = useProject(id);
  const location = useLocation();
  const navigate = useNavigate();
  const [selection, select] = useState<Selection | null>(null);
  const [helping, setHelping] = useState(false);
  const [looking, setLooking] = useState(false);
  const [finding, setFinding] = useState(false);
  const [renaming, setRenaming] = useState<string | null>(null);
  const project = bench.query.data;
  const { act, takeOver, restore, undo, redo, checks } = bench;

  useKeys(
    useMemo(
      () => [
        { shown: 'Ctrl Z', does: 'Undo', when: pressed('z', { ctrl: true }), run: undo },
        { shown: 'Ctrl Shift Z', does: 'Redo', when: pressed('z', { ctrl: true, shift: true }), run: redo },
        { shown: 'Ctrl Y', does: 'Redo', when: pressed('y', { ctrl: true }), run: redo },
        {
          shown: '?',
          does: 'Keys',
          when: (event: KeyboardEvent) => event.key === '?',
          run: () => setHelping(true),
        },
        { shown: 'H', does: 'History', when: pressed('h'), run: () => setLooking(true) },
        { shown: 'Ctrl K', does: 'Find', when: pressed('k', { ctrl: true }), run: () => setFinding(true) },
      ],
      [undo, redo],
    ),
  );

  useEffect(() => {
    const timer = window.setTimeout(() => {
      for (const view of [...Object.values(views), history]) void view.ahead();
    }, REST_AFTER);
    return () => window.clearTimeout(timer);
  }, []);

  const workbench = useMemo<Workbench | null>(
    () => (project ? { project, checks, act, takeOver, restore, selection, select } : null),
    [project, checks, act, takeOver, restore, selection],
  );

  if (bench.query.isPending) return <Waiting />;
  if (!project || !workbench)
    return (
      <Trouble
        title="This project cannot be shown"
        text={said(bench.query.error)}
        onRetry={() => void bench.query.refetch()}
      />
    );

  const path = location.pathname.split('/')[3] ?? 'brief';
  const stop = (path === 'interview' ? 'brief' : path) as Stop;
  return (
    <WorkbenchContext.Provider value={workbench}>
      <div className="frame">
        <header className="frame-top">
          <div className="who">
            <h1>
              <button className="plain" title="Rename the project" onClick={() => setRenaming(project.name)}>
                {project.name}
              </button>
            </h1>
            <span className="small quiet">
              <Link to="/">All projects</Link>
              {project.figures.rounds > 0 && ` · round ${project.figures.rounds} is with the client`}
            </span>
          </div>
          <CourseLine project={project} checks={checks} at={stop} />
          <div className="saving">
            <Saved
              state={bench.state}
              revision={project.revision}
              onRetry={bench.retry}
              onHistory={() => setLooking(true)}
            />
            <span className="steps">
              <button className="plain link" disabled={!project.undo} onClick={undo} title="Ctrl Z">
                {project.undo ? `Undo: ${project.undo}` : 'Nothing to undo'}
              </button>
              {project.redo && (
                <button className="plain link" onClick={redo} title={`Redo: ${project.redo} (Ctrl Shift Z)`}>
                  Redo
                </button>
              )}
            </span>
          </div>
        </header>
        <Suspense fallback={<Waiting />}>
          <Routes>
            <Route path="brief" element={<BriefView />} />
            <Route path="interview" element={<Interview />} />
            <Route path="plan" element={<PlanView />} />
            <Route path="draft/:page?" element={<DraftView />} />
            <Route path="review" element={<ReviewView />} />
            <Route path="hand-off" element={<HandoffView />} />
            <Route path="*" element={<Navigate to="brief" replace />} />
          </Routes>
        </Suspense>
      </div>
      <Suspense>{looking && <HistoryDrawer onClose={() => setLooking(false)} />}</Suspense>
      {helping && <KeyboardHelp onClose={() => setHelping(false)} />}
      {finding && (
        <Palette
          onClose={() => setFinding(false)}
          onGo={(to, chosen) => {
            setFinding(false);
            if (chosen) select(chosen);
            void navigate(to);
          }}
        />
      )}
      <Modal
        open={renaming !== null}
        title="Rename the project"
        okText="Rename"
        onCancel={() => setRenaming(null)}
        onOk={() => {
          if (renaming?.trim()) act({ type: 'rename-project', name: renaming });
          setRenaming(null);
        }}
      >
        <Input
          aria-label="Project name"
          value={renaming ?? ''}
          maxLength={120}
          onChange={(event) => setRenaming(event.target.value)}
        />
      </Modal>
    </WorkbenchContext.Provider>
  );
}

interface SavedProps {
  state: SaveState;
  revision: number;
  onRetry: () => void;
  onHistory: () => void;
}

function Saved({ state, revision, onRetry, onHistory }: SavedProps) {
  if (state === 'failed')
    return (
      <span className="attention" role="alert">
        Not saved, kept here.{' '}
        <Button size="small" onClick={onRetry}>
          Try again
        </Button>
      </span>
    );
  return (
    <span>
      <span role="status">
        <b>{state === 'saving' ? 'Saving' : 'Saved'}</b>, change {revision}
      </span>{' '}
      <button className="plain link" onClick={onHistory} title="Every change, and the way back (H)">
        History
      </button>
    </span>
  );
}
