import { Link } from 'react-router-dom';
import type { Schemas } from '../api/client';
import { useWorkbench } from '../project/context';

const SHOWN = 4;

/** Why something is there, each reason with the words of the brief it rests on. */
export function Reasons({ reasons }: { reasons: Schemas['Reason'][] }) {
  const { project } = useWorkbench();
  const facts = new Map(project.brief.facts.map((fact) => [fact.id, fact]));
  const words = (id: string): string => {
    const fact = facts.get(id);
    const source = project.brief.sources.find((one) => one.id === fact?.quote?.source);
    if (!fact) return '';
    if (!fact.quote || !source) return `${fact.label}: ${fact.shown}`;
    const quoted = Array.from(source.text)
      .slice(fact.quote.start, fact.quote.start + fact.quote.length)
      .join('')
      .replace(/\s+/g, ' ');
    return `“${quoted.length > 90 ? `${quoted.slice(0, 90)}…` : quoted}”`;
  };
  return (
    <ul className="reasons">
      {reasons.map((reason, index) => (
        <li key={index}>
          {reason.text}
          {reason.facts
            .filter((id) => facts.has(id))
            .slice(0, SHOWN)
            .map((id) => (
              <Link key={id} to={`/projects/${project.id}/brief?fact=${id}`}>
                {words(id)}
              </Link>
            ))}
          {reason.facts.length > SHOWN && (
            <span className="quiet"> and {reason.facts.length - SHOWN} more</span>
          )}
        </li>
      ))}
    </ul>
  );
}
