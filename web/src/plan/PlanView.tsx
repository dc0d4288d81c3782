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
import { useQuery } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useCallback, useMemo, useState } from 'react';
import { api, type Page, type Section, unwrap } from '../api/client';
import { shown, useWorkbench } from '../project/context';
import { useKeys } from '../project/keys';
import { Drawn } from '../shared/Drawn';
import { AddPage } from './AddPage';
import { AddSection } from './AddSection';
import { byKind, type Filter, filtered } from './filter';
import { FromOutline } from './FromOutline';
import { type Landing, landingOf } from './landing';
import { PageDetails } from './PageDetails';
import { planKeys } from './planKeys';
import { PlanBar } from './PlanBar';
import { SectionDetails } from './SectionDetails';
import { chosenSections, withSection } from './selecting';
import { SeveralDetails } from './SeveralDetails';
import { SitemapTree } from './SitemapTree';
import { type Choose, Strip } from './Strip';
import { useStable } from '../shared/useStable';
import { useNavigate } from 'react-router-dom';

/** Pages that are seen at once on a usual screen. */
const AT_FIRST = 9;

export function PlanView() {
  const { project, checks, act, selection, select } = useWorkbench();
  const { message } = App.useApp();
  const [filter, setFilter] = useState<Filter>('all');
  const [outlining, setOutlining] = useState(false);
  const [grouped, setGrouped] = useState(false);
  const [projection, setProjection] = useState<'strips' | 'tree'>('strips');
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const [supportShown, setSupportShown] = useState(false);
  const [held, setHeld] = useState<{ sections: string[]; cut: boolean } | null>(null);
  const review = useQuery({
    queryKey: ['rounds', project.id],
    queryFn: () =>
      unwrap(api.GET('/api/projects/{project}/rounds', { params: { path: { project: project.id } } })),
    enabled: filter === 'comments',
  });
  const navigate = useNavigate();
  const [renaming, setRenaming] = useState(false);
  const [addingPage, setAddingPage] = useState(false);
  const [addingTo, setAddingTo] = useState<{ page: string; index: number } | null>(null);
  const [dragged, setDragged] = useState<{ section?: Section; page?: Page } | null>(null);
  const [landing, setLanding] = useState<Landing | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));

  const hold = (cut: boolean) => {
    const sections = chosenSections(selection);
    if (sections.length === 0) return;
    setHeld({ sections, cut });
    void message.info(
      `${sections.length === 1 ? 'One section' : `${sections.length} sections`} ${cut ? 'cut' : 'copied'}. Ctrl V puts ${sections.length === 1 ? 'it' : 'them'} after what is chosen.`,
    );
  };
  const paste = () => {
    const target = project.pages.find((one) => one.id === selection?.page);
    if (!held || !target) return;
    const at = target.sections.findIndex((one) => one.id === selection?.section);
    const sections = held.sections.filter((id) =>
      project.pages.some((one) => one.sections.some((section) => section.id === id)),
    );
    if (sections.length === 0) return;
    act({
      type: held.cut ? 'move-sections' : 'copy-sections',
      sections,
      page: target.id,
      index: at === -1 ? Math.max(0, target.sections.length - 1) : at + 1,
    });
    if (held.cut) setHeld(null);
  };
  const keys = useMemo(
    () =>
      planKeys(project, selection, {
        act,
        select,
        hold,
        paste,
        rename: () => setRenaming(true),
        add: (page, index) => setAddingTo({ page, index }),
        open: (page) => void navigate(`/projects/${project.id}/draft/${page}`),
      }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- hold and paste are made anew from these
    [project, selection, act, select, navigate, held],
  );
  useKeys(keys);
  const choose = useStable<Parameters<Choose>>((page, section, how) =>
    select(withSection(project, selection, page, section, how)),
  );
  const rename = useCallback(() => setRenaming(true), []);

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
        </Button>{' '}
        <Button size="large" onClick={() => setOutlining(true)}>
          Start from an outline
        </Button>
        {outlining && <FromOutline onClose={() => setOutlining(false)} />}
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
  const chosen = new Set(chosenSections(selection));
  const through = filtered(project, checks, review.data?.threads ?? [], filter);
  const visible = grouped ? byKind(through) : through;
  const support = visible.filter((one) => one.support);
  const places = new Map(project.order.map((place) => [place.id, place]));
  const fold = (id: string) =>
    setFolded((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  const strip = (one: Page) => (
    <Strip
      key={one.id}
      page={one}
      path={places.get(one.id)?.path ?? ''}
      depth={grouped ? 0 : (places.get(one.id)?.depth ?? 0)}
      first={project.pages.indexOf(one) < AT_FIRST}
      landing={landing?.page === one.id ? landing : null}
      selected={selection?.page === one.id ? selection : null}
      chosen={chosen}
      folded={folded.has(one.id)}
      onFold={() => fold(one.id)}
      onChoose={choose}
      renaming={renaming && selection?.page === one.id}
      onRenamed={() => setRenaming(false)}
      onRename={rename}
      onAdd={(at) => setAddingTo({ page: one.id, index: at })}
    />
  );
  return (
    <main className="plan">
      <div className="plan-main">
        <PlanBar
          filter={filter}
          onFilter={setFilter}
          grouped={grouped}
          onGroup={setGrouped}
          projection={projection}
          onProject={setProjection}
          onAddPage={() => setAddingPage(true)}
          onOutline={() => setOutlining(true)}
        />
        {projection === 'tree' ? (
          <SitemapTree />
        ) : (
          <DndContext
            sensors={sensors}
            collisionDetection={pointerWithin}
            onDragStart={onStart}
            onDragMove={onMove}
            onDragEnd={onEnd}
            onDragCancel={() => setLanding(null)}
          >
            <div className="strips" role="list" aria-label="Pages">
              {visible.filter((one) => !one.support).map(strip)}
              {visible.length === 0 && <p className="nothing">No page is like that.</p>}
              {support.length > 0 && (
                <div role="listitem">
                  <button
                    className="plain support-fold"
                    aria-expanded={supportShown || filter !== 'all'}
                    onClick={() => setSupportShown(!supportShown)}
                  >
                    {supportShown || filter !== 'all' ? '–' : '+'} Legal and supporting pages:{' '}
                    {support.length}
                    {!supportShown && filter === 'all' && (
                      <span className="small quiet"> {support.map((one) => one.title).join(', ')}</span>
                    )}
                  </button>
                </div>
              )}
              {(supportShown || filter !== 'all' || support.some((one) => one.id === selection?.page)) &&
                support.map(strip)}
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
        )}
      </div>
      <aside className="details" aria-label="Details">
        {selection && chosen.size > 1 ? (
          <SeveralDetails selection={selection} onCopy={hold} />
        ) : section && page ? (
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
      {outlining && <FromOutline onClose={() => setOutlining(false)} />}
      {addingTo && (
        <AddSection page={addingTo.page} index={addingTo.index} onClose={() => setAddingTo(null)} />
      )}
      {addingPage && <AddPage after={selection?.page ?? null} onClose={() => setAddingPage(false)} />}
    </main>
  );
}
