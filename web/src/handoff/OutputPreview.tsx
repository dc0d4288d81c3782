import { useQuery } from '@tanstack/react-query';
import { type Project, said } from '../api/client';
import { sitemapQuery } from '../project/sitemap';
import { Drawn } from '../shared/Drawn';

/** So many characters of a text are shown. */
const LONGEST = 20_000;

/** Where an output is downloaded from; `address` is that of the new site. */
export const outputAddress = (project: string, name: string, address?: string) =>
  `/api/projects/${project}/exports/${name}${address === undefined ? '' : `?address=${encodeURIComponent(address)}`}`;

interface Props {
  project: Project;
  name: string;
  address?: string;
}

/** What an output holds: the drawing where it is one, and else the text. */
export function OutputPreview({ project, name, address }: Props) {
  const drawn = name.startsWith('sitemap-');
  const shown = name === 'wireframes-pdf' ? 'wireframes' : name;
  const tree = useQuery({ ...sitemapQuery(project), enabled: drawn });
  const file = useQuery({
    queryKey: ['export', project.id, project.revision, shown, address],
    queryFn: async () => {
      const response = await fetch(outputAddress(project.id, shown, address));
      if (!response.ok) throw new Error('There is nothing to show. Is the address of the site complete?');
      return response.text();
    },
    enabled: !drawn,
    retry: false,
  });
  const svg = drawn ? tree.data?.svg : shown === 'wireframes' ? file.data : undefined;
  if (drawn || shown === 'wireframes')
    return (
      <div className="preview" aria-label="Preview" role="region" tabIndex={0}>
        {svg && <Drawn svg={svg} label={drawn ? 'Sitemap' : 'Wireframes'} />}
      </div>
    );
  return (
    <pre className="preview" aria-label="Preview" tabIndex={0}>
      {file.error ? said(file.error) : file.data?.slice(0, LONGEST)}
    </pre>
  );
}
