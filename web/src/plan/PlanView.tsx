import {
  DndContext,
  type DragEndEvent,
  type DragMoveEvent,
  DragOverlay,
  type DragStartEvent,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import type { Page, Section } from '../api/client';
import { shown, useWorkbench } from '../project/context';
import { useKeys } from '../project/keys';
import { Drawn } from '../shared/Drawn';
import { AddPage } from './AddPage';
import { AddSection } from './AddSection';
import { type Landing, landingOf } from './landing';
import { PageDetails } from './PageDetails';
import { planKeys } from './planKeys';
import { PlanBar } from './PlanBar';
import { SectionDetails } from './SectionDetails';
import { Strip } from './Strip';
import { useNavigate } from 'react-router-dom';

export function PlanView() {
  const { project, act, selection, select } = useWorkbench();
  const navigate = useNavigate();
  const [renaming, setRenaming] = useState(false);
  const [addingPage, setAddingPage] = useState(false);
  const [addingTo, setAddingTo] = useState<{ page: string; index: number } | null>(null);
  const [dragged, setDragged] = useState<{ section?: Section; page?: Page } | null>(null);
  const [landing, setLanding] = useState<Landing | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));

  const keys = useMemo(
    () =>
      planKeys(project, selection, {
        act,
        select,
        rename: () => setRenaming(true),
        add: (page, index) => setAddingTo({ page, index }),
        open: (page) => void navigate(`/projects/${project.id}/draft/${page}`),
      }),
    [project, selection, act, select, navigate],
  );
  useKeys(keys);

  if (project.pages.length === 0) {
    return (
      <main className="empty-plan">
        <h2>No plan yet</h2>
        <p>
          {project.brief.score.total >= 40
            ? `The brief scores ${project.brief.score.total} of 100. That is enough for a plan.`
            : `The brief scores ${project.brief.score.total} of 100. A plan can be made, but it has to guess a good deal. Answering the open questions first is worth it.`}
        </p>
        <Button type="primary" size="large" onClick={() => act({ type: 'plan' })}>
          Plan the site
        </Button>
      </main>
    );
  }

  const onStart = ({ active }: DragStartEvent) => {
    const page = project.pages.find((one) => one.id === active.data.current?.page);
    const section = page?.sections.find((one) => one.id === active.data.current?.section);
    setDragged(section ? { section: shown(project, section) } : page ? { page } : null);
  };
  const onMove = (event: DragMoveEvent) => setLanding(landingOf(event, project));
  const onEnd = (event: DragEndEvent) => {
    const target = landingOf(event, project);
    setDragged(null);
    setLanding(null);
    if (!target) return;
    act(target.action);
    if ('section' in target.action && target.action.type === 'move-section')
      select({ page: target.action.page, section: target.action.section });
  };
  const page = project.pages.find((one) => one.id === selection?.page);
  const section = page?.sections.find((one) => one.id === selection?.section);
  return (
    <main className="plan">
      <div className="plan-main">
        <PlanBar onAddPage={() => setAddingPage(true)} />
        <DndContext
          sensors={sensors}
          collisionDetection={pointerWithin}
          onDragStart={onStart}
          onDragMove={onMove}
          onDragEnd={onEnd}
          onDragCancel={() => setLanding(null)}
        >
          <div className="strips" role="list" aria-label="Pages">
            {project.pages.map((one, index) => (
              <Strip
                key={one.id}
                page={one}
                path={project.order[index]?.path ?? ''}
                depth={project.order[index]?.depth ?? 0}
                landing={landing?.page === one.id ? landing : null}
                selected={selection?.page === one.id ? selection : null}
                renaming={renaming && selection?.page === one.id}
                onRenamed={() => setRenaming(false)}
                onRename={() => setRenaming(true)}
                onAdd={(at) => setAddingTo({ page: one.id, index: at })}
              />
            ))}
          </div>
          <DragOverlay dropAnimation={null}>
            {dragged?.section?.thumbnail && (
              <div className="cell-drawing dragged">
                <Drawn svg={dragged.section.thumbnail} />
              </div>
            )}
            {dragged?.page && <div className="page-dragged">{dragged.page.title}</div>}
          </DragOverlay>
        </DndContext>
      </div>
      <aside className="details" aria-label="Details">
        {section && page ? (
          <SectionDetails
            page={page}
            section={shown(project, section)}
            onRename={() => setRenaming(true)}
            onAdd={(at) => setAddingTo({ page: page.id, index: at })}
          />
        ) : page ? (
          <PageDetails page={page} onRename={() => setRenaming(true)} />
        ) : (
          <p className="quiet">
            Choose a page or a section to see what it is for, why it is there, and what can be done with it.
          </p>
        )}
      </aside>
      {addingTo && (
        <AddSection page={addingTo.page} index={addingTo.index} onClose={() => setAddingTo(null)} />
      )}
      {addingPage && <AddPage after={selection?.page ?? null} onClose={() => setAddingPage(false)} />}
    </main>
  );
}
