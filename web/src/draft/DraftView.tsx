import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Drawer, Segmented, Select } from 'antd';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router-dom';
import { api, type Drawing, unwrap } from '../api/client';
import { AddSection } from '../plan/AddSection';
import { FindingsList } from '../plan/FindingsList';
import { editedId, shown, useWorkbench } from '../project/context';
import { useKeys } from '../project/keys';
import { Drawn } from '../shared/Drawn';
import { DraftDetails, sectionWireframe } from './DraftDetails';
import { draftKeys } from './draftKeys';
import { DraftSheet } from './DraftSheet';
import { nextLayout } from './LayoutChoice';
import { Preview } from './Preview';
import { FOLDS, type Width, WIDTHS } from './widths';

type Shown = Width | 'all';
const GAP = 24;

/** One page at true proportions, at one width or all three; click a text and type. */
export function DraftView() {
  const { project, checks, selection, select, act } = useWorkbench();
  const { page: pageId } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [width, setWidth] = useState<Shown>('desktop');
  const [zoom, setZoom] = useState<number>(0);
  const [typing, setTyping] = useState<{ width: Width; text: string } | null>(null);
  const [previewing, setPreviewing] = useState(false);
  const [adding, setAdding] = useState<number | null>(null);
  const [findingsOpen, setFindingsOpen] = useState(false);
  const [room, setRoom] = useState(800);
  const canvas = useRef<HTMLDivElement>(null);
  const page = project.pages.find((one) => one.id === pageId);
  const known = useQuery({
    queryKey: ['wireframe', project.id, 'page', page?.id],
    enabled: page !== undefined,
    placeholderData: keepPreviousData,
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{project}/pages/{page}/wireframe', {
          params: { path: { project: project.id, page: page?.id ?? '' } },
        }),
      ),
  }).data;
  useEffect(() => {
    if (!canvas.current) return;
    const watch = new ResizeObserver(([entry]) => entry && setRoom(entry.contentRect.width));
    watch.observe(canvas.current);
    return () => watch.disconnect();
  }, [page]);

  const index = page ? project.pages.indexOf(page) : -1;
  const selected = page?.sections.some((one) => one.id === selection?.section)
    ? selection?.section
    : undefined;
  const drawnWidth: Width = width === 'all' ? 'desktop' : width;
  const go = useCallback(
    (to: number) => {
      const next = project.pages[to];
      if (next) void navigate(`/projects/${project.id}/draft/${next.id}`);
    },
    [navigate, project],
  );
  const bindings = useMemo(() => {
    if (!page) return [];
    const order: Shown[] = ['desktop', 'tablet', 'phone', 'all'];
    return draftKeys(project, page, selected, {
      act,
      select,
      turn: (by) => go(index + by),
      widen: () => setWidth((now) => order[(order.indexOf(now) + 1) % order.length] ?? 'desktop'),
      type: (section) => {
        const first = document.querySelector<HTMLButtonElement>(
          `#drawn-${drawnWidth}-${section} .slot:not(:disabled)`,
        );
        first?.click();
      },
      preview: () => setPreviewing(true),
      add: setAdding,
      another: (id) => {
        void queries.query(sectionWireframe(project.id, id)).then((wireframe) => {
          const section = page.sections.find((one) => one.id === id);
          const next = section && nextLayout(shown(project, section), wireframe);
          if (section && next)
            act({
              type: 'edit-section',
              section: editedId(shown(project, section)),
              field: 'layout',
              value: next,
            });
        });
      },
    });
  }, [act, drawnWidth, go, index, page, project, queries, select, selected]);
  useKeys(bindings);

  if (project.pages.length === 0)
    return (
      <main className="empty-plan">
        <h2>Nothing to draft yet</h2>
        <p>
          <Link to={`/projects/${project.id}/plan`}>Plan the site</Link> first.
        </p>
      </main>
    );
  if (!page)
    return (
      <Navigate
        to={`/projects/${project.id}/draft/${selection?.page ?? project.pages[0]?.id ?? ''}`}
        replace
      />
    );

  const widths: Width[] = width === 'all' ? ['desktop', 'tablet', 'phone'] : [width];
  const pixels = widths.reduce((sum, one) => sum + FOLDS[one][0], 0);
  const fitting = Math.min(1, (room - GAP * (widths.length - 1)) / pixels);
  const scale = zoom === 0 ? fitting : zoom;
  const section = page.sections.find((one) => one.id === selected);
  const drawing = queries
    .getQueryData<Drawing[]>(['drawings', project.id, page.id, drawnWidth])
    ?.find((one) => one.section === selected);
  const problems = [
    ...(known?.findings ?? []),
    ...checks.findings.filter((finding) => finding.where[0] === page.id),
  ];
  const open = problems.filter((finding) => finding.remark === null).length;
  return (
    <main className="draft">
      <div className="draft-bar">
        <Button size="small" aria-label="Previous page" disabled={index === 0} onClick={() => go(index - 1)}>
          ‹
        </Button>
        <Select
          aria-label="Page"
          className="draft-page"
          value={page.id}
          variant="borderless"
          popupMatchSelectWidth={false}
          onChange={(id: string) => void navigate(`/projects/${project.id}/draft/${id}`)}
          options={project.pages.map((one) => ({ value: one.id, label: one.title }))}
        />
        <Button
          size="small"
          aria-label="Next page"
          disabled={index === project.pages.length - 1}
          onClick={() => go(index + 1)}
        >
          ›
        </Button>
        <span className="quiet small nowrap">
          page {index + 1} of {project.pages.length}
        </span>
        <Segmented<Shown>
          aria-label="Width"
          value={width}
          onChange={setWidth}
          options={[...WIDTHS, { value: 'all', label: 'All three' }]}
        />
        <Select<number>
          size="small"
          aria-label="Zoom"
          value={zoom}
          onChange={setZoom}
          popupMatchSelectWidth={false}
          options={[
            { value: 0, label: `Fit, ${Math.round(fitting * 100)} %` },
            { value: 0.5, label: '50 %' },
            { value: 0.75, label: '75 %' },
            { value: 1, label: '100 %' },
          ]}
        />
        <span className="quiet small page-figures">
          {known &&
            `${known.screens[drawnWidth].toFixed(1)} screens, ${known.words} words, ${known.fits} % fits`}
        </span>
        <span className="push" />
        {problems.length > 0 && (
          <Button size="small" onClick={() => setFindingsOpen(true)}>
            {open === 1 ? '1 finding' : `${open} findings`}
          </Button>
        )}
        <Button size="small" type="primary" onClick={() => setPreviewing(true)}>
          Preview
        </Button>
      </div>
      <nav className="draft-map" aria-label="Sections of this page">
        {page.sections.map((one) => {
          const full = shown(project, one);
          return (
            <button
              key={one.id}
              className={`plain map-cell${one.id === selected ? ' chosen' : ''}`}
              title={full.title}
              aria-label={full.title}
              onClick={() => {
                select({ page: page.id, section: one.id });
                document
                  .getElementById(`drawn-${drawnWidth}-${one.id}`)
                  ?.scrollIntoView({ block: 'center', behavior: 'smooth' });
              }}
            >
              <Drawn svg={full.thumbnail ?? ''} />
            </button>
          );
        })}
      </nav>
      <div className="draft-canvas" ref={canvas}>
        <div className={`sheets${widths.length > 1 ? ' several' : ''}`} style={{ gap: GAP }}>
          {widths.map((one) => (
            <DraftSheet
              key={one}
              page={page}
              width={one}
              scale={scale}
              typing={typing?.width === one ? typing.text : null}
              onType={(text) => setTyping(text === null ? null : { width: one, text })}
            />
          ))}
        </div>
      </div>
      <aside className="details" aria-label="Details">
        {section ? (
          <DraftDetails
            key={section.id}
            page={page}
            section={shown(project, section)}
            drawing={drawing}
            onAdd={setAdding}
          />
        ) : (
          <>
            <h2>{page.title}</h2>
            <p className="mono quiet">{page.kind}</p>
            <p className="purpose">{page.purpose}</p>
            <p className="quiet">
              Click a text and type; Tab goes on to the next. Choose a section to see its other layouts.
            </p>
          </>
        )}
      </aside>
      {previewing && (
        <Preview
          page={page.id}
          section={section ? { id: section.id, title: shown(project, section).title } : null}
          width={drawnWidth}
          onClose={() => setPreviewing(false)}
        />
      )}
      {adding !== null && <AddSection page={page.id} index={adding} onClose={() => setAdding(null)} />}
      <Drawer
        open={findingsOpen}
        size={520}
        title={`Findings on ${page.title}`}
        onClose={() => setFindingsOpen(false)}
      >
        <FindingsList
          findings={problems}
          onShow={(id) => {
            setFindingsOpen(false);
            if (id !== page.id) select({ page: page.id, section: id });
          }}
        />
      </Drawer>
    </main>
  );
}
