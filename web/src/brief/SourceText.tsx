import { useEffect, useMemo, useRef, useState } from 'react';
import type { Fact, Schemas } from '../api/client';
import { pieces, tone } from './marks';

interface Props {
  source: Schemas['Source'];
  facts: Fact[];
  pointed: string | null;
  onPoint: (fact: string | null) => void;
  onSelect: (selected: { text: string; start: number; length: number } | null) => void;
}

/** The source as the client wrote it, with the quotes marked. Words can be selected to say what they are. */
export function SourceText({ source, facts, pointed, onPoint, onSelect }: Props) {
  const cut = useMemo(() => pieces(source.text, source.id, facts), [source, facts]);
  const root = useRef<HTMLDivElement>(null);
  const [pinned, setPinned] = useState<string | null>(null);
  useEffect(() => {
    if (pointed)
      root.current?.querySelector(`[data-facts~="${pointed}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [pointed]);

  const readSelection = () => {
    const selection = window.getSelection();
    const text = selection?.toString().trim() ?? '';
    if (!selection || !root.current || text.length < 2 || !root.current.contains(selection.anchorNode)) {
      onSelect(null);
      return;
    }
    const range = selection.getRangeAt(0);
    const before = document.createRange();
    before.setStart(root.current, 0);
    before.setEnd(range.startContainer, range.startOffset);
    const lead = range.toString().length - range.toString().trimStart().length;
    onSelect({ text, start: Array.from(before.toString()).length + lead, length: Array.from(text).length });
  };

  return (
    <div
      className="source"
      ref={root}
      onMouseUp={readSelection}
      onKeyUp={readSelection}
      onMouseLeave={() => onPoint(pinned)}
    >
      {cut.map((piece) =>
        piece.facts.length === 0 ? (
          <span key={piece.start} className={piece.look} onMouseEnter={() => onPoint(pinned)}>
            {piece.text}
          </span>
        ) : (
          <mark
            key={piece.start}
            data-facts={piece.facts.map((fact) => fact.id).join(' ')}
            className={`${tone(piece.facts)} ${piece.look}${piece.facts.some((fact) => fact.id === pointed) ? ' pointed' : ''}`}
            title={piece.facts.map((fact) => `${fact.label}: ${fact.shown}`).join('\n')}
            onMouseEnter={() => onPoint(piece.facts[0]?.id ?? null)}
            onClick={() => setPinned(pinned === piece.facts[0]?.id ? null : (piece.facts[0]?.id ?? null))}
          >
            {piece.text}
          </mark>
        ),
      )}
    </div>
  );
}
