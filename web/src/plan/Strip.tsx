import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Input } from 'antd';
import { memo, useMemo } from 'react';
import type { Page, Section } from '../api/client';
import { editedId, type Selection, shown, useWorkbench } from '../project/context';
import { Drawn } from '../shared/Drawn';
import { useNear } from '../shared/useNear';
import { useStable } from '../shared/useStable';
import type { Landing } from './landing';

interface Props {
  page: Page;
  path: string;
  depth: number;
  /** Among the first pages, which are seen at once. */
  first: boolean;
  landing: Landing | null;
  selected: Selection | null;
  /** Ids of all chosen sections, here and on other pages. */
  chosen: Set<string>;
  folded: boolean;
  onFold: () => void;
  /** Stays the same between renders, as does onRename. */
  onChoose: Choose;
  renaming: boolean;
  onRename: () => void;
  onRenamed: () => void;
  onAdd: (index: number) => void;
}

export type Choose = (page: string, section: string, how: 'alone' | 'toggle' | 'range') => void;

const NAVIGATION = { main: 'menu', footer: 'footer', none: 'no menu' } as const;

/** One page as a row: its sections from left to right in reading order. */
export function Strip({
  page,
  path,
  depth,
  first,
  landing,
  selected,
  chosen,
  folded,
  onFold,
  onChoose,
  renaming,
  onRename,
  onRenamed,
  onAdd,
}: Props) {
  const { project, checks, act, select } = useWorkbench();
  const { setNodeRef: setHead, listeners: headListeners } = useDraggable({
    id: `page-${page.id}`,
    data: { page: page.id },
    disabled: page.slug === '',
  });
  const { setNodeRef: setDrop } = useDroppable({ id: `onto-${page.id}`, data: { page: page.id } });
  const { setNodeRef: setEnd } = useDroppable({ id: `end-${page.id}`, data: { page: page.id } });
  const problems = checks.findings.filter(
    (finding) => finding.remark === null && finding.level !== 'note' && finding.where[0] === page.id,
  ).length;
  const onPage = selected && !selected.section;
  const cycle = { main: 'footer', footer: 'none', none: 'main' } as const;
  const landsHere = landing?.gap === null;
  const { shared } = project;
  const [watch, near] = useNear(first);
  const sections = useMemo(
    () => page.sections.map((section) => shown({ shared }, section)),
    [page.sections, shared],
  );
  const rename = useStable((section: Section, value: string) => {
    if (value && value !== section.title)
      act({ type: 'edit-section', section: editedId(section), field: 'title', value });
    onRenamed();
  });
  return (
    <div
      ref={watch}
      role="listitem"
      className={`strip${selected ? ' current' : ''}${landsHere ? (landing.below ? ' land-below' : ' land-above') : ''}${page.support ? ' support' : ''}`}
    >
      <div
        ref={setDrop}
        className={`strip-head${onPage ? ' chosen' : ''}`}
        style={{ paddingLeft: 18 + depth * 18 }}
      >
        {depth > 0 && <span className="branch" aria-hidden="true" />}
        <button
          className="plain strip-fold"
          aria-expanded={!folded}
          aria-label={`${folded ? 'Unfold' : 'Fold'} ${page.title}`}
          title={folded ? 'Unfold' : 'Fold'}
          onClick={onFold}
        >
          {folded ? '+' : '–'}
        </button>
        {renaming && onPage ? (
          <Rename
            label="Title of the page"
            value={page.title}
            onSave={(value) => {
              if (value && value !== page.title)
                act({ type: 'edit-page', page: page.id, field: 'title', value });
              onRenamed();
            }}
          />
        ) : (
          <button
            ref={setHead}
            {...headListeners}
            className="plain strip-title"
            aria-pressed={!!onPage}
            onClick={() => select({ page: page.id })}
            onDoubleClick={() => {
              select({ page: page.id });
              onRename();
            }}
          >
            {page.title}
            {page.repeats && <span className="repeats" title="One design that stands for many pages" />}
            {problems > 0 && (
              <span className="badge" title={`${problems} findings here`}>
                {problems}
              </span>
            )}
          </button>
        )}
        <span className="strip-path">
          <span className="mono quiet" title={path}>
            {path}
          </span>{' '}
          <button
            className="plain mono mark"
            title="In the menu, in the footer, or in neither: click for the next"
            onClick={() =>
              act({ type: 'edit-page', page: page.id, field: 'navigation', value: cycle[page.navigation] })
            }
          >
            {NAVIGATION[page.navigation]}
          </button>
        </span>
      </div>
      <div className={`cells${folded ? ' folded' : ''}`}>
        {folded && (
          <span className="small quiet">{sections.map((section) => section.title).join(' · ')}</span>
        )}
        {(folded || !near ? [] : sections).map((section, index) => (
          <Cell
            key={section.id}
            page={page.id}
            section={section}
            index={index}
            chosen={chosen.has(section.id)}
            landsBefore={landing?.gap === index}
            landsAfter={landing?.gap === index + 1 && index === sections.length - 1}
            renaming={renaming && selected?.section === section.id}
            onChoose={onChoose}
            onRename={onRename}
            onRenamed={rename}
          />
        ))}
        <button
          ref={setEnd}
          className="plain add-cell"
          aria-label={`Add a section to ${page.title}`}
          title="Add a section (A)"
          onClick={() => onAdd(endOf(page))}
        >
          +
        </button>
      </div>
    </div>
  );
}

/** The end of a page is before its footer. */
const endOf = (page: Page): number => {
  const footer = page.sections.findIndex((section) => section.kind === 'site-footer');
  return footer === -1 ? page.sections.length : footer;
};

interface CellProps {
  page: string;
  section: Section;
  index: number;
  chosen: boolean;
  landsBefore: boolean;
  landsAfter: boolean;
  renaming: boolean;
  onChoose: Choose;
  onRename: () => void;
  onRenamed: (section: Section, value: string) => void;
}

const Cell = memo(function Cell({
  page,
  section,
  index,
  chosen,
  landsBefore,
  landsAfter,
  renaming,
  onChoose,
  onRename,
  onRenamed,
}: CellProps) {
  const {
    setNodeRef: setDrag,
    listeners,
    isDragging,
  } = useDraggable({ id: section.id, data: { page, section: section.id } });
  const { setNodeRef: setDrop } = useDroppable({ id: `at-${section.id}`, data: { page, index } });
  return (
    <div
      ref={setDrop}
      className={`cell${section.frame ? ' slim' : ''}${section.shared ? ' shared' : ''}${chosen ? ' chosen' : ''}${isDragging ? ' lifted' : ''}${landsBefore ? ' land-before' : ''}${landsAfter ? ' land-after' : ''}`}
    >
      <button
        ref={setDrag}
        {...listeners}
        className="plain"
        aria-pressed={chosen}
        title={section.purpose}
        aria-label={`${section.title}. ${section.purpose}${section.toSupply ? ` ${section.toSupply} to supply.` : ''}`}
        onClick={(event) =>
          onChoose(
            page,
            section.id,
            event.ctrlKey || event.metaKey ? 'toggle' : event.shiftKey ? 'range' : 'alone',
          )
        }
        onDoubleClick={() => {
          onChoose(page, section.id, 'alone');
          onRename();
        }}
      >
        <span className="cell-drawing">
          <Drawn svg={section.thumbnail ?? ''} />
          {section.kept && <span className="kept" title="Kept" />}
          {section.toSupply > 0 && (
            <span className="needs" aria-hidden="true" title={`${section.toSupply} to supply by the client`}>
              {section.toSupply}
            </span>
          )}
        </span>
      </button>
      {renaming ? (
        <Rename
          label="Name of the section"
          value={section.title}
          onSave={(value) => onRenamed(section, value)}
        />
      ) : (
        <span className="cell-title">{section.title}</span>
      )}
      <span className="cell-purpose">{section.purpose}</span>
    </div>
  );
});

function Rename({ label, value, onSave }: { label: string; value: string; onSave: (value: string) => void }) {
  return (
    <Input
      size="small"
      autoFocus
      aria-label={label}
      defaultValue={value}
      maxLength={120}
      onFocus={(event) => event.target.select()}
      onBlur={(event) => onSave(event.target.value.trim())}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') onSave(value);
      }}
    />
  );
}
