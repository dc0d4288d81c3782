import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Spin } from 'antd';
import { useCallback, useState } from 'react';
import { api, type Drawing, type Page, said, unwrap } from '../api/client';
import { shown, useWorkbench } from '../project/context';
import { DrawnSection } from './DrawnSection';
import { FOLDS, type Width } from './widths';

interface Props {
  page: Page;
  width: Width;
  scale: number;
  /** The text that is being typed in: "section/slot/item". */
  typing: string | null;
  onType: (text: string | null) => void;
}

/** One page at one width, at true proportions. */
export function DraftSheet({ page, width, scale, typing, onType }: Props) {
  const { project, selection, select } = useWorkbench();
  const drawings = useQuery({
    queryKey: ['drawings', project.id, page.id, width],
    placeholderData: keepPreviousData,
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{project}/pages/{page}/drawings', {
          params: { path: { project: project.id, page: page.id }, query: { width } },
        }),
      ),
  });
  /** A section as it was last sketched, and of which drawings it is ahead. */
  const [sketch, setSketch] = useState<{ drawing: Drawing; ahead: number } | null>(null);
  const ahead = drawings.dataUpdatedAt;
  const onSketch = useCallback(
    (drawing: Drawing | null) => setSketch(drawing && { drawing, ahead }),
    [ahead],
  );
  /** What was typed and is on its way to be saved: newer than the drawings. */
  const [typed, setTyped] = useState<{ texts: Record<string, string>; ahead: number }>({
    texts: {},
    ahead: 0,
  });
  const [pixels, fold] = FOLDS[width];
  if (drawings.isPending) return <Spin />;
  if (drawings.error) return <p className="attention">{said(drawings.error)}</p>;
  const drawn = drawings.data.map((one) =>
    sketch?.ahead === ahead && sketch.drawing.section === one.section ? sketch.drawing : one,
  );
  const texts = drawn.flatMap((one) =>
    one.slots
      .filter((slot) => !fixed(page, one.section, slot.role))
      .map((slot) => `${one.section}/${slot.slot}/${slot.item ?? ''}`),
  );
  const height = drawn.reduce((sum, one) => sum + one.height, 0);
  const go = (by: number) => {
    const at = texts.indexOf(typing ?? '');
    onType(texts[at + by] ?? null);
  };
  return (
    <div
      className={`sheet-of-page${drawings.isPlaceholderData ? ' turning' : ''}`}
      style={{ width: pixels * scale }}
      data-width={width}
    >
      {page.sections.map((section, number) => {
        const drawing = drawn.find((one) => one.section === section.id);
        return drawing ? (
          <DrawnSection
            key={section.id}
            number={number + 1}
            section={shown(project, section)}
            drawing={drawing}
            width={width}
            scale={(pixels * scale) / drawing.width}
            chosen={section.id === selection?.section}
            typing={typing?.startsWith(`${section.id}/`) ? typing.slice(section.id.length + 1) : null}
            onChoose={() => select({ page: page.id, section: section.id })}
            onType={(text) => onType(text === null ? null : `${section.id}/${text}`)}
            onNext={go}
            typed={typed.ahead === ahead ? typed.texts : {}}
            onSaved={(text, words) =>
              setTyped((now) => ({
                texts: { ...(now.ahead === ahead ? now.texts : {}), [`${section.id}/${text}`]: words },
                ahead,
              }))
            }
            onSketch={onSketch}
          />
        ) : null;
      })}
      {height > fold && (
        <div className="fold" style={{ top: fold * scale }} aria-hidden="true">
          <span className="mono">
            fold, {pixels} × {fold}
          </span>
        </div>
      )}
    </div>
  );
}

/** Entries of header and footer follow the titles of the pages. */
function fixed(page: Page, section: string, role: string): boolean {
  return role === 'item' && (page.sections.find((one) => one.id === section)?.frame ?? false);
}
