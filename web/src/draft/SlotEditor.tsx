import { useEffect, useRef, useState } from 'react';
import { api, type Drawing, type Slot, unwrap } from '../api/client';
import { useWorkbench } from '../project/context';
import type { Width } from './widths';

interface Props {
  section: string;
  slot: Slot;
  width: Width;
  scale: number;
  onSave: (text: string) => void;
  /** Saves what was changed, and goes on to the text so many places further. */
  onNext: (text: string | null, by: number) => void;
  onLeave: () => void;
  onSketch: (drawing: Drawing | null) => void;
}

/** Characters a text holds, as the server has it. */
const LONGEST = 5000;

/** A field over a drawn text. What is typed is measured and drawn at once, and saved when it is left. */
export function SlotEditor({ section, slot, width, scale, onSave, onNext, onLeave, onSketch }: Props) {
  const { project } = useWorkbench();
  /** The slot as it was before anything was typed. */
  const [before] = useState(slot);
  const needed = before.status === 'to-supply';
  const [text, setText] = useState(needed ? '' : before.text);
  const left = useRef(false);
  const oneLine = ['button', 'label', 'item'].includes(slot.role) && !slot.media;
  const size = Math.max(11, slot.size * scale);
  const isNothing = needed && text.trim() === '';
  const changed = isNothing || text === before.text ? null : text;
  const over = text.length - LONGEST;

  useEffect(() => {
    if (changed === null || over > 0) return;
    let latest = true;
    void unwrap(
      api.POST('/api/projects/{project}/sections/{section}/sketch', {
        params: { path: { project: project.id, section } },
        body: { slot: slot.slot, item: slot.item, text: changed, width },
      }),
    ).then(
      (drawing) => latest && onSketch(drawing),
      () => undefined,
    );
    return () => {
      latest = false;
    };
  }, [changed, onSketch, over, project.id, section, slot.item, slot.slot, width]);

  const finish = (then: () => void) => {
    if (left.current || over > 0) return;
    left.current = true;
    then();
  };
  return (
    <>
      <textarea
        className="slot-editor"
        autoFocus
        aria-label={`Edit ${slot.slot.replace(/-/g, ' ')}`}
        value={text}
        placeholder={needed ? before.text : ''}
        style={{
          left: slot.x * scale - 5,
          top: slot.y * scale - 4,
          width: Math.max(150, slot.width * scale + 10),
          minHeight: Math.max(30, (slot.media ? 40 : slot.height * scale) + 8),
          fontSize: slot.media ? 13 : size,
          lineHeight: slot.media ? 1.4 : `${Math.max(15, slot.lineHeight * scale)}px`,
          fontWeight: slot.weight,
          textAlign: slot.align === 'center' ? 'center' : 'left',
        }}
        ref={(field) => {
          if (field) {
            field.style.height = 'auto';
            field.style.height = `${field.scrollHeight + 2}px`;
          }
        }}
        onClick={(event) => event.stopPropagation()}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => finish(() => (changed === null ? onLeave() : onSave(changed)))}
        onKeyDown={(event) => {
          if (event.key === 'Escape') {
            left.current = true;
            onLeave();
          }
          if (event.key === 'Tab') {
            event.preventDefault();
            finish(() => onNext(changed, event.shiftKey ? -1 : 1));
          }
          if (event.key === 'Enter' && (oneLine || event.ctrlKey || event.metaKey)) {
            event.preventDefault();
            event.currentTarget.blur();
          }
        }}
      />
      {over > 0 && (
        <p className="too-long" role="alert" style={{ left: slot.x * scale - 5, top: slot.y * scale - 30 }}>
          {over} characters more than the {LONGEST} a text holds. Shorten it to save it; Escape gives up.
        </p>
      )}
    </>
  );
}
