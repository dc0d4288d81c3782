import { useQuery } from '@tanstack/react-query';
import { Button, Input, Spin } from 'antd';
import { useState } from 'react';
import { api, said, unwrap } from '../api/client';
import { useWorkbench } from '../project/context';
import { outputAddress, OutputPreview } from './OutputPreview';

/** Outputs that hold addresses of the new site. */
const WITH_ADDRESS = ['sitemap', 'redirects'];

export function HandoffView() {
  const { project, checks } = useWorkbench();
  const [address, setAddress] = useState('https://www.example.com');
  const [chosen, setChosen] = useState('markdown');
  const outputs = useQuery({
    queryKey: ['exports', project.id],
    queryFn: () =>
      unwrap(api.GET('/api/projects/{project}/exports', { params: { path: { project: project.id } } })),
  });
  if (project.pages.length === 0)
    return (
      <main className="empty-plan">
        <h2>Nothing to hand off yet</h2>
        <p>Plan the site first.</p>
      </main>
    );
  if (outputs.isPending)
    return (
      <main className="handoff">
        <Spin />
      </main>
    );
  if (outputs.error)
    return (
      <main className="handoff">
        <p className="attention">{said(outputs.error)}</p>
      </main>
    );
  const addressOf = (name: string) => (WITH_ADDRESS.includes(name) ? address : undefined);
  const stillToSupply = project.figures.toSupply
    ? `${project.figures.toSupply} texts are still to supply; they are marked where they go.`
    : 'Nothing is missing.';
  const missing: Record<string, string> = {
    markdown: project.figures.toSupply
      ? `${project.figures.toSupply} texts are still to supply; they stand in it as a list.`
      : 'Nothing is missing.',
    sitemap: project.pages.some((page) => page.repeats)
      ? 'Repeating pages are left out; each article or product adds its own address later.'
      : 'Nothing is missing.',
    project: 'Nothing is missing.',
    redirects:
      checks.presentSite.length === 0
        ? 'There is no inventory of the present website; add its sitemap to the brief.'
        : checks.presentSite.some((old) => old.fate !== 'drop' && old.page === null)
          ? 'Some pages of the present website have no place yet; they are left out.'
          : 'Nothing is missing.',
    opml: 'Nothing is missing.',
    'sitemap-svg': 'Nothing is missing.',
    'sitemap-pdf': 'Nothing is missing.',
    wireframes: stillToSupply,
    'wireframes-pdf': stillToSupply,
  };
  return (
    <main className="handoff">
      <ul className="outputs" aria-label="Outputs">
        {outputs.data.map((one) => (
          <li key={one.name} className={one.name === chosen ? 'chosen' : ''}>
            <button className="plain" aria-pressed={one.name === chosen} onClick={() => setChosen(one.name)}>
              <b>{one.label}</b>
              <span>{one.for}</span>
              <span className={`small ${missing[one.name]?.startsWith('Nothing') ? 'quiet' : 'attention'}`}>
                {missing[one.name]}
              </span>
            </button>
            {WITH_ADDRESS.includes(one.name) && (
              <label className="small">
                The site will stand at
                <Input size="small" value={address} onChange={(event) => setAddress(event.target.value)} />
              </label>
            )}
            <Button type="primary" href={outputAddress(project.id, one.name, addressOf(one.name))}>
              Download
            </Button>
          </li>
        ))}
      </ul>
      <OutputPreview project={project} name={chosen} address={addressOf(chosen)} />
    </main>
  );
}
