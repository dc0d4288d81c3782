import { Button, Dropdown, Popover } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router-dom';
import { useWorkbench } from '../project/context';
import { PresentSite, presentSiteFigures } from './PresentSite';

/** What the brief asks for and where it is answered, the findings, the pages against the wished number. */
export function PlanBar({ onAddPage }: { onAddPage: () => void }) {
  const { project, checks, act, select } = useWorkbench();
  const [comparing, setComparing] = useState(false);
  const { figures } = project;
  const { guesses, score } = project.brief;
  const { findings, coverage, presentSite } = checks;
  const facts = new Map(project.brief.facts.map((fact) => [fact.id, fact]));
  const nowhere = coverage.filter((item) => item.where.length === 0);
  const first = nowhere[0] && facts.get(nowhere[0].fact);
  const goTo = (id: string | undefined) => {
    const page = project.pages.find(
      (one) => one.id === id || one.sections.some((section) => section.id === id),
    );
    if (page && id) select(page.id === id ? { page: page.id } : { page: page.id, section: id });
  };
  const serious = findings.filter((finding) => finding.level !== 'note').length;
  return (
    <div className="plan-bar">
      <Popover
        trigger="click"
        placement="bottomLeft"
        title="What the brief holds, and where the plan answers it"
        content={
          <ul className="coverage">
            {[...nowhere, ...coverage.filter((item) => item.where.length > 0)].map((item) => {
              const fact = facts.get(item.fact);
              return (
                <li key={item.fact} className={item.where.length ? '' : 'attention'}>
                  <span className="quiet">{fact?.label}</span> <span>{fact?.shown}</span>{' '}
                  {item.where.length ? (
                    <button
                      className="plain link small"
                      onClick={() => goTo(item.where[item.where.length - 1])}
                    >
                      {item.where.length === 1 ? 'in 1 place' : `in ${item.where.length} places`}
                    </button>
                  ) : (
                    <b>nowhere yet</b>
                  )}
                </li>
              );
            })}
          </ul>
        }
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
          </span>
        </button>
      </Popover>
      {first && (
        <span
          className="attention nowhere"
          title={nowhere.map((item) => facts.get(item.fact)?.shown).join(', ')}
        >
          {first.shown}: nowhere yet
        </span>
      )}
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
        content={
          <ul className="coverage">
            {findings.map((finding, index) => (
              <li key={index}>
                <span className={`level ${finding.level}`}>{finding.level}</span> {finding.text}{' '}
                {finding.where.length > 0 && (
                  <button
                    className="plain link small"
                    onClick={() => goTo(finding.where[finding.where.length - 1])}
                  >
                    Show
                  </button>
                )}
              </li>
            ))}
            {findings.length === 0 && <li>Nothing wants attention.</li>}
          </ul>
        }
      >
        <button className={`plain ${serious ? 'attention' : ''}`}>
          {findings.length === 1 ? '1 finding' : `${findings.length} findings`}
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
      {comparing && <PresentSite onClose={() => setComparing(false)} />}
      <span>
        Pages {figures.counted}
        {figures.wished ? ` of ${figures.wished.replace('-', '–')}` : ''}
        {figures.pages > figures.counted && (
          <span className="quiet"> + {figures.pages - figures.counted} behind</span>
        )}
      </span>
      <span className="push" />
      <Dropdown
        menu={{
          items: [{ key: 'plan', label: 'Plan anew from the brief' }],
          onClick: () => act({ type: 'plan' }),
        }}
      >
        <Button>More</Button>
      </Dropdown>
      <Button type="primary" onClick={onAddPage}>
        Add page
      </Button>
    </div>
  );
}
