import { Button } from 'antd';
import type { Schemas } from '../api/client';
import { useWorkbench } from '../project/context';

/** Every fact and request of the brief with where the plan answers it; what is nowhere yet comes first. */
export function CoverageList({
  coverage,
  onShow,
}: {
  coverage: Schemas['Checks']['coverage'];
  onShow: (id: string) => void;
}) {
  const { project, act } = useWorkbench();
  const facts = new Map(project.brief.facts.map((fact) => [fact.id, fact]));
  const ordered = [
    ...coverage.filter((item) => item.where.length === 0),
    ...coverage.filter((item) => item.where.length > 0),
  ];
  return (
    <ul className="coverage">
      {ordered.map((item) => {
        const fact = facts.get(item.fact);
        return (
          <li key={item.fact} className={item.where.length ? '' : 'attention'}>
            <span className="quiet">{fact?.label}</span> <span>{fact?.shown}</span>{' '}
            {item.where.length ? (
              <button
                className="plain link small"
                onClick={() => onShow(item.where[item.where.length - 1] ?? '')}
              >
                {item.where.length === 1 ? 'in 1 place' : `in ${item.where.length} places`}
              </button>
            ) : (
              <>
                <b>nowhere yet</b>{' '}
                {item.mend && (
                  <Button size="small" onClick={() => item.mend && act(item.mend.action)}>
                    {item.mend.label}
                  </Button>
                )}
              </>
            )}
          </li>
        );
      })}
    </ul>
  );
}
