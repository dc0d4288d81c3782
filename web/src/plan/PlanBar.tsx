import { Button, Dropdown, Popover, Segmented, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router-dom';
import { useWorkbench } from '../project/context';
import { type Filter, FILTERS } from './filter';
import { CoverageList } from './CoverageList';
import { FindingsList } from './FindingsList';
import { KeepStarter } from './KeepStarter';
import { PresentSite, presentSiteFigures } from './PresentSite';

const money = ({ amount, currency }: { amount: number; currency: string }): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency, maximumFractionDigits: 0 }).format(amount);

interface Props {
  filter: Filter;
  onFilter: (filter: Filter) => void;
  grouped: boolean;
  onGroup: (grouped: boolean) => void;
  projection: 'strips' | 'tree';
  onProject: (projection: 'strips' | 'tree') => void;
  onAddPage: () => void;
  onOutline: () => void;
}

/** What the brief asks for and where it is answered, the findings, the pages against the wished number. */
export function PlanBar({
  filter,
  onFilter,
  grouped,
  onGroup,
  projection,
  onProject,
  onAddPage,
  onOutline,
}: Props) {
  const { project, checks, act, select } = useWorkbench();
  const [comparing, setComparing] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const { figures } = project;
  const { guesses, score } = project.brief;
  const { findings, coverage, presentSite, effort } = checks;
  const nowhere = coverage.filter((item) => item.where.length === 0);
  const goTo = (id: string | undefined) => {
    const page = project.pages.find(
      (one) => one.id === id || one.sections.some((section) => section.id === id),
    );
    if (page && id) select(page.id === id ? { page: page.id } : { page: page.id, section: id });
  };
  const open = findings.filter((finding) => finding.remark === null);
  const serious = open.filter((finding) => finding.level !== 'note').length;
  return (
    <div className="plan-bar">
      <Popover
        trigger="click"
        placement="bottomLeft"
        title="What the brief holds, and where the plan answers it"
        content={<CoverageList coverage={coverage} onShow={goTo} />}
      >
        <button className="plain covered">
          <span>Brief covered</span>
          <span className="bar-line" aria-hidden="true">
            <span
              style={{
                width: `${(100 * (coverage.length - nowhere.length)) / Math.max(1, coverage.length)}%`,
              }}
            />
          </span>
          <span>
            {coverage.length - nowhere.length} of {coverage.length}
            {nowhere.length > 0 && <b className="attention"> {nowhere.length} nowhere</b>}
          </span>
        </button>
      </Popover>
      {guesses.length > 0 && (
        <Popover
          trigger="click"
          placement="bottom"
          title={`The brief scores ${score.total} of 100, so the plan supposes`}
          content={
            <>
              <ul className="coverage">
                {guesses.map((guess) => (
                  <li key={guess}>{guess}</li>
                ))}
              </ul>
              <Link to={`/projects/${project.id}/brief`}>Answer the open questions</Link>
            </>
          }
        >
          <button className="plain attention">
            {guesses.length === 1 ? '1 guess' : `${guesses.length} guesses`}
          </button>
        </Popover>
      )}
      <Popover
        trigger="click"
        placement="bottom"
        title="Findings"
        content={<FindingsList findings={findings} onShow={goTo} />}
      >
        <button className={`plain ${serious ? 'attention' : ''}`}>
          {open.length === 1 ? '1 finding' : `${open.length} findings`}
        </button>
      </Popover>
      {presentSite.length > 0 && (
        <button
          className={`plain ${presentSite.some((old) => old.fate !== 'drop' && old.page === null) ? 'attention' : ''}`}
          title={presentSiteFigures(presentSite)}
          onClick={() => setComparing(true)}
        >
          Present site {presentSite.length}
        </button>
      )}
      {keeping && <KeepStarter onClose={() => setKeeping(false)} />}
      {comparing && <PresentSite onClose={() => setComparing(false)} />}
      <span>
        Pages {figures.counted}
        {figures.wished ? ` of ${figures.wished.replace('-', '–')}` : ''}
        {figures.pages > figures.counted && (
          <span className="quiet"> + {figures.pages - figures.counted} behind</span>
        )}
      </span>
      {effort.hours > 0 && (
        <Popover
          trigger="click"
          placement="bottom"
          title="Hours to design, write and build it"
          content={
            <>
              <table className="effort">
                <tbody>
                  {effort.parts.map((part) => (
                    <tr key={part.name}>
                      <td>{part.name}</td>
                      <td className="mono">{part.hours} h</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {!effort.cost && (
                <Link to="/defaults" className="small">
                  Say what your hour costs
                </Link>
              )}
            </>
          }
        >
          <button className="plain effort-figure">
            {effort.hours} h{effort.cost ? `, ${money(effort.cost)}` : ''}
          </button>
        </Popover>
      )}
      <span className="push" />
      <Segmented<'strips' | 'tree'>
        size="small"
        value={projection}
        onChange={onProject}
        options={[
          { value: 'strips', label: 'Strips' },
          { value: 'tree', label: 'Tree' },
        ]}
      />
      <Select<Filter>
        size="small"
        aria-label="Which pages are shown"
        value={filter}
        options={FILTERS}
        onChange={onFilter}
        popupMatchSelectWidth={false}
      />
      <Dropdown
        menu={{
          items: [
            { key: 'group', label: grouped ? 'Pages in their order' : 'Pages of a kind side by side' },
            { key: 'starter', label: 'Keep as a starter plan' },
            { key: 'outline', label: 'Plan from an outline or a starter' },
            { key: 'plan', label: 'Plan anew from the brief' },
          ],
          onClick: ({ key }) => {
            if (key === 'group') onGroup(!grouped);
            else if (key === 'outline') onOutline();
            else if (key === 'starter') setKeeping(true);
            else act({ type: 'plan' });
          },
        }}
      >
        <Button size="small">More</Button>
      </Dropdown>
      <Button size="small" type="primary" onClick={onAddPage}>
        Add page
      </Button>
    </div>
  );
}
