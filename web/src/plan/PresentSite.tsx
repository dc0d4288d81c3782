import { Button, Drawer, Select, Table } from 'antd';
import type { Schemas } from '../api/client';
import { useWorkbench } from '../project/context';

type OldPage = Schemas['OldPage'];

const OPEN = 'open';
const DROP = 'drop';

const pathOf = (address: string): string => {
  try {
    const url = new URL(address);
    return url.pathname + url.search;
  } catch {
    return address;
  }
};

/** How many old pages are kept, merged, dropped and without a place, in words. */
export function presentSiteFigures(pages: OldPage[]): string {
  const open = pages.filter((page) => page.fate !== 'drop' && page.page === null).length;
  const count = (fate: OldPage['fate']) =>
    pages.filter((page) => page.fate === fate && (fate === 'drop' || page.page !== null)).length;
  return [
    `${count('keep')} kept`,
    `${count('merge')} merged`,
    `${count('drop')} dropped`,
    ...(open ? [`${open} open`] : []),
  ].join(', ');
}

/** Every page of the present website and what becomes of it: kept, merged into another, dropped. */
export function PresentSite({ onClose }: { onClose: () => void }) {
  const { project, checks, act } = useWorkbench();
  const planned = project.pages.map((page) => ({ value: page.id, label: page.title }));

  const decide = (old: OldPage, fate: OldPage['fate'], page: string | null) =>
    act({ type: 'decide-old-page', address: old.address, decision: { fate, page } });
  const title = (old: OldPage) =>
    old.title.split(/\s+[|–—·•-]\s+/)[0] || pathOf(old.address).split('/').filter(Boolean).pop() || 'Page';

  return (
    <Drawer
      open
      size={960}
      onClose={onClose}
      title={`The present website: ${presentSiteFigures(checks.presentSite)}`}
      className="present-site"
    >
      <Table<OldPage>
        size="small"
        rowKey="address"
        dataSource={checks.presentSite}
        pagination={checks.presentSite.length > 50 ? { pageSize: 50, showSizeChanger: false } : false}
        columns={[
          {
            title: 'Now',
            render: (_, old) => (
              <>
                <span className="mono">{pathOf(old.address)}</span>
                <br />
                <span className="small quiet">
                  {[old.title, old.words ? `${old.words} words` : ''].filter(Boolean).join(', ')}
                </span>
              </>
            ),
          },
          {
            title: 'Becomes',
            width: 130,
            filters: [
              { text: 'Kept', value: 'keep' },
              { text: 'Merged', value: 'merge' },
              { text: 'Dropped', value: DROP },
              { text: 'Open', value: OPEN },
            ],
            onFilter: (value, old) =>
              value === OPEN ? old.fate !== DROP && old.page === null : old.fate === value,
            render: (_, old) => (
              <Select<OldPage['fate']>
                size="small"
                aria-label={`What becomes of ${pathOf(old.address)}`}
                value={old.fate}
                style={{ width: 108 }}
                options={[
                  { value: 'keep', label: 'Keep' },
                  { value: 'merge', label: 'Merge' },
                  { value: 'drop', label: 'Drop' },
                ]}
                onChange={(fate) =>
                  decide(old, fate, fate === DROP ? null : (old.page ?? project.pages[0]?.id ?? null))
                }
              />
            ),
          },
          {
            title: 'In the plan',
            width: 230,
            render: (_, old) =>
              old.fate === DROP ? (
                <span className="quiet">nothing</span>
              ) : (
                <>
                  <Select<string>
                    size="small"
                    showSearch={{ optionFilterProp: 'label' }}
                    aria-label={`Where ${pathOf(old.address)} goes`}
                    value={old.page ?? undefined}
                    placeholder="No place yet"
                    status={old.page === null ? 'warning' : undefined}
                    style={{ width: 212 }}
                    options={planned}
                    onChange={(page) => decide(old, old.fate, page)}
                  />
                  {old.page === null && (
                    <Button
                      type="link"
                      size="small"
                      onClick={() => act({ type: 'keep-old-page', address: old.address, title: title(old) })}
                    >
                      Plan a page for it
                    </Button>
                  )}
                </>
              ),
          },
          {
            title: 'Why',
            render: (_, old) => (
              <span className="small">
                {old.reason}{' '}
                {old.decided && (
                  <button
                    className="plain link"
                    onClick={() => act({ type: 'decide-old-page', address: old.address, decision: null })}
                  >
                    Back to the suggestion
                  </button>
                )}
              </span>
            ),
          },
        ]}
      />
    </Drawer>
  );
}
