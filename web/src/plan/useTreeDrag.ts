import { type PointerEvent, useState } from 'react';

/** Pixels a pointer travels before a press becomes a drag. */
const SLACK = 6;

interface Drag {
  page: string;
  from: { x: number; y: number };
  moving: boolean;
  over: string | null;
}

const pageAt = (target: EventTarget | null): string | null =>
  target instanceof Element ? (target.closest('[data-page]')?.getAttribute('data-page') ?? null) : null;

/** Dragging pages of a drawn tree onto each other; a press without a drag chooses. Onto the bare sheet is to the top. */
export function useTreeDrag(hands: {
  choose: (page: string) => void;
  drop: (page: string, onto: string | null) => void;
}) {
  const [drag, setDrag] = useState<Drag | null>(null);
  return {
    dragged: drag?.moving ? drag.page : null,
    over: drag?.moving ? drag.over : null,
    on: {
      onPointerDown: (event: PointerEvent) => {
        const page = pageAt(event.target);
        if (page && event.button === 0)
          setDrag({ page, from: { x: event.clientX, y: event.clientY }, moving: false, over: null });
      },
      onPointerMove: (event: PointerEvent) => {
        if (!drag) return;
        const far = Math.hypot(event.clientX - drag.from.x, event.clientY - drag.from.y) > SLACK;
        if (drag.moving || far) setDrag({ ...drag, moving: true, over: pageAt(event.target) });
      },
      onPointerUp: (event: PointerEvent) => {
        if (!drag) return;
        setDrag(null);
        const onto = pageAt(event.target);
        if (!drag.moving) hands.choose(drag.page);
        else if (onto !== drag.page) hands.drop(drag.page, onto);
      },
      onPointerLeave: () => setDrag(null),
    },
  };
}
