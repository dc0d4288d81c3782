import { useState } from 'react';
import type { Drawing, Section, Slot } from '../api/client';
import { editedId, useWorkbench } from '../project/context';
import { Drawn } from '../shared/Drawn';

interface Props {
  number: number;
  section: Section;
  drawing: Drawing;
  scale: number;
  chosen: boolean;
  onChoose: () => void;
}

const keyOf = (slot: Slot): string => `${slot.slot}/${slot.item ?? ''}`;

/** A drawn section; over each text lies a place to click and type. */
export function DrawnSection({ number, section, drawing, scale, chosen, onChoose }: Props) {
  const { act } = useWorkbench();
  const [editing, setEditing] = useState<string | null>(null);
  const save = (slot: Slot, text: string) => {
    setEditing(null);
    if (text !== slot.text)
      act({ type: 'edit-text', section: editedId(section), slot: slot.slot, item: slot.item, text });
  };
  return (
    <section
      id={`drawn-${section.id}`}
      className={`drawn-section${chosen ? ' chosen' : ''}`}
      aria-label={section.title}
      onClick={onChoose}
      style={{ height: drawing.height * scale }}
    >
      <span className="number mono" aria-hidden="true">
        {number}
      </span>
      <Drawn svg={drawing.svg} />
      {drawing.slots.map((slot) => {
        const key = keyOf(slot);
        const fixed = section.frame && slot.role === 'item';
        const box = {
          left: slot.x * scale,
          top: slot.y * scale,
          width: slot.width * scale,
          height: slot.height * scale,
        };
        return editing === key ? (
          <SlotEditor
            key={key}
            slot={slot}
            scale={scale}
            onSave={(text) => save(slot, text)}
            onLeave={() => setEditing(null)}
          />
        ) : (
          <button
            key={key}
            className={`plain slot${slot.media ? ' media' : ''}${fixed ? ' fixed' : ''} ${slot.status}`}
            style={box}
            disabled={fixed}
            title={
              fixed
                ? 'Follows the titles of the pages'
                : slot.status === 'to-supply'
                  ? 'Only the client can give this; click to write it'
                  : 'Click and type'
            }
            aria-label={`${slot.slot.replace(/-/g, ' ')}: ${slot.text}`}
            onClick={() => setEditing(key)}
          />
        );
      })}
    </section>
  );
}

interface EditorProps {
  slot: Slot;
  scale: number;
  onSave: (text: string) => void;
  onLeave: () => void;
}

function SlotEditor({ slot, scale, onSave, onLeave }: EditorProps) {
  const [text, setText] = useState(slot.status === 'to-supply' ? '' : slot.text);
  const needed = slot.status === 'to-supply';
  const finish = () => (needed && text.trim() === '' ? onLeave() : onSave(text));
  const size = Math.max(11, slot.size * scale);
  const oneLine = ['button', 'label', 'item'].includes(slot.role) && !slot.media;
  return (
    <textarea
      className="slot-editor"
      autoFocus
      aria-label={`Edit ${slot.slot.replace(/-/g, ' ')}`}
      value={text}
      placeholder={needed ? slot.text : ''}
      maxLength={5000}
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
      onBlur={finish}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onLeave();
        if (event.key === 'Enter' && (oneLine || event.ctrlKey || event.metaKey)) {
          event.preventDefault();
          event.currentTarget.blur();
        }
      }}
    />
  );
}
