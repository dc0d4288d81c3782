import { useQuery } from '@tanstack/react-query';
import { Segmented, Select, Spin } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router-dom';
import { api, said, unwrap } from '../api/client';
import { shown, useWorkbench } from '../project/context';
import { Drawn } from '../shared/Drawn';
import { DraftDetails } from './DraftDetails';
import { DrawnSection } from './DrawnSection';

type Width = 'desktop' | 'tablet' | 'phone';
const FOLD: Record<Width, [number, number]> = {
  desktop: [1280, 720],
  tablet: [768, 1024],
  phone: [390, 760],
};

/** One page at true proportions; click a text and type. */
export function DraftView() {
  const { project, checks, selection, select } = useWorkbench();
  const { page: pageId } = useParams();
  const navigate = useNavigate();
  const [width, setWidth] = useState<Width>('desktop');
  const canvas = useRef<HTMLDivElement>(null);
  const page = project.pages.find((one) => one.id === pageId);
  const drawings = useQuery({
    queryKey: ['drawings', project.id, pageId, width],
    enabled: page !== undefined,
    placeholderData: (previous) => previous,
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{project}/pages/{page}/drawings', {
          params: { path: { project: project.id, page: pageId ?? '' }, query: { width } },
        }),
      ),
  });
  const [room, setRoom] = useState(800);
  useEffect(() => {
    if (!canvas.current) return;
    const watch = new ResizeObserver(([entry]) => entry && setRoom(entry.contentRect.width));
    watch.observe(canvas.current);
    return () => watch.disconnect();
  }, [page]);

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

  const [drawnWidth, fold] = FOLD[width];
  const scale = Math.min(1, (room - 56) / drawnWidth);
  const height = (drawings.data ?? []).reduce((sum, one) => sum + one.height, 0);
  const index = project.pages.indexOf(page);
  const section = page.sections.find((one) => one.id === selection?.section);
  const problems = checks.findings.filter((finding) => finding.where[0] === page.id);
  return (
    <main className="draft">
      <div className="draft-bar">
        <Select
          aria-label="Page"
          className="draft-page"
          value={page.id}
          variant="borderless"
          popupMatchSelectWidth={false}
          onChange={(id: string) => void navigate(`/projects/${project.id}/draft/${id}`)}
          options={project.pages.map((one) => ({ value: one.id, label: one.title }))}
        />
        <span className="quiet">
          page {index + 1} of {project.pages.length}
        </span>
        <Segmented<Width>
          aria-label="Width"
          value={width}
          onChange={setWidth}
          options={[
            { value: 'desktop', label: 'Desktop' },
            { value: 'tablet', label: 'Tablet' },
            { value: 'phone', label: 'Phone' },
          ]}
        />
        <span className="quiet">Page is {(height / fold).toFixed(1)} screens long</span>
        <span className="push" />
        {problems.length > 0 && (
          <span title={problems.map((one) => one.text).join('\n')}>
            {problems.length === 1 ? '1 finding here' : `${problems.length} findings here`}
          </span>
        )}
      </div>
      <nav className="draft-map" aria-label="Sections of this page">
        {page.sections.map((one) => {
          const full = shown(project, one);
          return (
            <button
              key={one.id}
              className={`plain map-cell${one.id === selection?.section ? ' chosen' : ''}`}
              title={full.title}
              aria-label={full.title}
              onClick={() => {
                select({ page: page.id, section: one.id });
                document
                  .getElementById(`drawn-${one.id}`)
                  ?.scrollIntoView({ block: 'center', behavior: 'smooth' });
              }}
            >
              <Drawn svg={full.thumbnail ?? ''} />
            </button>
          );
        })}
      </nav>
      <div className="draft-canvas" ref={canvas}>
        {drawings.isPending && <Spin />}
        {drawings.error && <p className="attention">{said(drawings.error)}</p>}
        {drawings.data && (
          <div
            className={`sheet-of-page${drawings.isPlaceholderData ? ' turning' : ''}`}
            style={{ width: drawnWidth * scale }}
          >
            {page.sections.map((one, number) => {
              const drawing = drawings.data.find((drawn) => drawn.section === one.id);
              return drawing ? (
                <DrawnSection
                  key={one.id}
                  number={number + 1}
                  section={shown(project, one)}
                  drawing={drawing}
                  scale={(drawnWidth * scale) / drawing.width}
                  chosen={one.id === selection?.section}
                  onChoose={() => select({ page: page.id, section: one.id })}
                />
              ) : null;
            })}
            {height > fold && (
              <div className="fold" style={{ top: fold * scale }} aria-hidden="true">
                <span className="mono">
                  fold, {drawnWidth} × {fold}
                </span>
              </div>
            )}
          </div>
        )}
      </div>
      <aside className="details" aria-label="Details">
        {section ? (
          <DraftDetails
            page={page}
            section={shown(project, section)}
            drawing={drawings.data?.find((one) => one.section === section.id)}
          />
        ) : (
          <>
            <h2>{page.title}</h2>
            <p className="mono quiet">{page.kind}</p>
            <p className="purpose">{page.purpose}</p>
            <p className="quiet">Click a text and type. Choose a section to see its other layouts.</p>
          </>
        )}
      </aside>
    </main>
  );
}
