import { NavLink } from 'react-router-dom';
import type { Checks, Project } from '../api/client';

const STOPS = ['brief', 'plan', 'draft', 'review', 'hand-off'] as const;
export type Stop = (typeof STOPS)[number];
const NAMES: Record<Stop, string> = {
  brief: 'Brief',
  plan: 'Plan',
  draft: 'Draft',
  review: 'Review',
  'hand-off': 'Hand-off',
};
const AT = [90, 250, 410, 570, 730];

function covered({ coverage }: Checks): string {
  if (coverage.length === 0) return '';
  const answered = coverage.filter((item) => item.where.length > 0).length;
  return `, ${Math.round((100 * answered) / coverage.length)} % covered`;
}

function figure(stop: Stop, { figures }: Project, checks: Checks): string {
  switch (stop) {
    case 'brief':
      return `${figures.score} of 100`;
    case 'plan':
      return figures.pages ? `${figures.pages} pages${covered(checks)}` : 'not planned yet';
    case 'draft':
      return figures.pages ? `${figures.written} % written` : '–';
    case 'review':
      return figures.rounds ? `${figures.openComments} open` : 'no round yet';
    case 'hand-off':
      return figures.outputs ? `${figures.outputs} ready` : '–';
  }
}

/** A dune line with a crest at the stop one stands on. */
function line(crest: number): string {
  let path = 'M0 24';
  for (let x = 4; x <= 820; x += 4) {
    const height = 14 * Math.exp(-(((x - crest) / 46) ** 2)) + 2.2 * Math.sin(x / 58 + 1);
    path += ` L${x} ${(24 - height).toFixed(1)}`;
  }
  return path;
}

export function CourseLine({ project, checks, at }: { project: Project; checks: Checks; at: Stop }) {
  const crest = AT[STOPS.indexOf(at)] ?? 90;
  const path = line(crest);
  return (
    <nav className="course" aria-label="Course line">
      <svg viewBox="0 0 820 32" preserveAspectRatio="none" aria-hidden="true">
        <path d={path} fill="none" stroke="#b9ae9b" strokeWidth="1.5" />
        <path
          d={path}
          fill="none"
          stroke="#0e5e55"
          strokeWidth="2.5"
          clipPath={`inset(0 ${820 - crest}px 0 0)`}
        />
        <circle cx={crest} cy={24 - 14 - 2.2 * Math.sin(crest / 58 + 1)} r="4.5" fill="#0e5e55" />
      </svg>
      <ol>
        {STOPS.map((stop) => (
          <li key={stop}>
            <NavLink to={`/projects/${project.id}/${stop}`} aria-current={stop === at ? 'page' : undefined}>
              <b>{NAMES[stop]}</b>
              <span>{figure(stop, project, checks)}</span>
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}
