import { Modal, Segmented } from 'antd';
import { useState } from 'react';
import { useWorkbench } from '../project/context';
import { FOLDS, WIDTHS, type Width } from './widths';

/** Pixels left and right of what is shown. */
const ROUND_ABOUT = 120;

/** A page without any marks, with working menus and links between the pages; or one of its sections alone. */
export function Preview({
  page,
  section,
  width: first,
  onClose,
}: {
  page: string;
  section: { id: string; title: string } | null;
  width: Width;
  onClose: () => void;
}) {
  const { project } = useWorkbench();
  const [width, setWidth] = useState<Width>(first);
  const [alone, setAlone] = useState(false);
  const [pixels, fold] = FOLDS[width];
  const scale = Math.min(1, (window.innerWidth - ROUND_ABOUT) / pixels);
  const address = `/preview/${project.id}/${page}${alone && section ? `?section=${section.id}` : ''}`;
  return (
    <Modal
      open
      footer={null}
      onCancel={onClose}
      width="min(1340px, 98vw)"
      className="page-preview"
      style={{ top: 12 }}
      title={
        <div className="preview-bar">
          <span>Preview</span>
          <Segmented<Width> aria-label="Width" value={width} onChange={setWidth} options={WIDTHS} />
          {section && (
            <Segmented<string>
              aria-label="How much"
              value={alone ? 'section' : 'page'}
              onChange={(value) => setAlone(value === 'section')}
              options={[
                { value: 'page', label: 'The whole page' },
                { value: 'section', label: `“${section.title}” alone` },
              ]}
            />
          )}
        </div>
      }
    >
      <div className="preview-stage">
        <div className="preview-frame" style={{ width: pixels * scale, height: fold * scale }}>
          <iframe
            key={address}
            title="Preview of the page"
            src={address}
            style={{ width: pixels, height: fold, transform: `scale(${scale})` }}
          />
        </div>
      </div>
    </Modal>
  );
}
