import { memo } from 'react';

/** A drawing made by the core: SVG in which every text is escaped. */
export const Drawn = memo(function Drawn({ svg, label }: { svg: string; label?: string }) {
  return (
    <div
      className="drawn"
      role={label ? 'img' : 'presentation'}
      aria-label={label}
      dangerouslySetInnerHTML={{ __html: svg }}
    />
  );
});
