import type { Drawing, Section, Slot } from '../api/client';
import { editedId, useWorkbench } from '../project/context';
import { Drawn } from '../shared/Drawn';
import { SlotEditor } from './SlotEditor';
import type { Width } from './widths';

interface Props {
  number: number;
  section: Section;
  drawing: Drawing;
  width: Width;
  scale: number;
  chosen: boolean;
  /** The text that is being typed in: "slot/item". */
  typing: string | null;
  onChoose: () => void;
  onType: (text: string | null) => void;
  /** Words that are newer than the drawing, by "section/slot/item". */
  typed: Record<string, string>;
  onSaved: (text: string, words: string) => void;
  /** On to the text so many places further. */
  onNext: (by: number) => void;
  onSketch: (drawing: Drawing | null) => void;
}

const keyOf = (slot: Slot): string => `${slot.slot}/${slot.item ?? ''}`;

/** A drawn section; over each text lies a place to click and type. */
export function DrawnSection(props: Props) {
  const { number, section, drawing, width, scale, chosen, typing } = props;
  const { act } = useWorkbench();
  const save = (slot: Slot, text: string) => {
    props.onSaved(keyOf(slot), text);
    act({ type: 'edit-text', section: editedId(section), slot: slot.slot, item: slot.item, text });
  };
  return (
    <section
      id={`drawn-${width}-${section.id}`}
      className={`drawn-section${chosen ? ' chosen' : ''}`}
      aria-label={section.title}
      onClick={props.onChoose}
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
        return typing === key ? (
          <SlotEditor
            key={key}
            section={section.id}
            slot={{ ...slot, text: props.typed[`${section.id}/${key}`] ?? slot.text }}
            width={width}
            scale={scale}
            onSave={(text) => {
              save(slot, text);
              props.onType(null);
            }}
            onNext={(text, by) => {
              if (text === null) props.onSketch(null);
              else save(slot, text);
              props.onNext(by);
            }}
            onLeave={() => {
              props.onType(null);
              props.onSketch(null);
            }}
            onSketch={props.onSketch}
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
            onClick={() => props.onType(key)}
          />
        );
      })}
    </section>
  );
}
