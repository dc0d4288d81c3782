import { Modal } from 'antd';

const KEYS: [string, [string, string][]][] = [
  [
    'Everywhere',
    [
      ['Undo', 'Ctrl Z'],
      ['Redo', 'Ctrl Shift Z'],
      ['Find a page, section, fact or action', 'Ctrl K'],
      ['These keys', '?'],
    ],
  ],
  [
    'Interview',
    [
      ['Keep the answer, next question', 'Enter'],
      ['Later, back', 'Alt → ←'],
      ['Take a suggestion', 'Alt 1'],
      ['Notes', 'Alt N'],
      ['End', 'Esc'],
    ],
  ],
  [
    'Plan: a section',
    [
      ['Next, previous', '← →'],
      ['On the next page', '↑ ↓'],
      ['Move along the strip', 'Alt ← →'],
      ['Move to another page', 'Alt ↑ ↓'],
      ['Rename', 'F2'],
      ['Add a section after it', 'A'],
      ['Keep as it is', 'K'],
      ['Duplicate', 'Ctrl D'],
      ['Delete', 'Del'],
      ['Open in Draft', 'Enter'],
    ],
  ],
  [
    'Plan: a page',
    [
      ['Rename', 'F2'],
      ['Move up, down', 'Alt ↑ ↓'],
      ['Below the page before, back up', 'Alt → ←'],
      ['Delete', 'Del'],
    ],
  ],
  [
    'Draft',
    [
      ['Next, previous section', '↓ ↑'],
      ['Next, previous page', '] ['],
      ['Type in the first text', 'Enter'],
      ['Save what was typed', 'Ctrl Enter'],
      ['Save it, on to the next text', 'Tab'],
      ['Leave it as it was', 'Esc'],
      ['Another layout', 'L'],
      ['Flip the side', 'F'],
      ['Another width', 'W'],
      ['Preview', 'P'],
      ['Move up, down', 'Alt ↑ ↓'],
      ['Another go, keep, duplicate, delete', 'N  K  Ctrl D  Del'],
    ],
  ],
];

export function KeyboardHelp({ onClose }: { onClose: () => void }) {
  return (
    <Modal open title="Keys" footer={null} onCancel={onClose} width={640}>
      <div className="keys">
        {KEYS.map(([where, keys]) => (
          <section key={where}>
            <h3>{where}</h3>
            <dl>
              {keys.map(([does, key]) => (
                <div key={does}>
                  <dt>{does}</dt>
                  <dd>
                    <kbd>{key}</kbd>
                  </dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Modal>
  );
}
