import type { Comment, Schemas } from '../api/client';
import { Drawn } from '../shared/Drawn';

interface Props {
  round: Schemas['ClientRound'];
  comments: Comment[];
  onOpen: (page: string) => void;
}

export function ClientStrips({ round, comments, onOpen }: Props) {
  return (
    <main>
      <h1>The plan of your website</h1>
      <p className="lead">
        Each row is a page, its parts from left to right as a visitor meets them. These are sketches: colours,
        pictures and typefaces come later. Open a page to read the words and to say what you think.
      </p>
      <details className="client-tree">
        <summary>How the pages hang together</summary>
        <Drawn svg={round.sitemap} label="All pages and what stands below what" />
      </details>
      <ul className="client-strips">
        {round.pages.map((page) => {
          const said = comments.filter((comment) => comment.page === page.id).length;
          return (
            <li key={page.id} style={{ marginLeft: page.depth * 18 }}>
              <button className="plain" onClick={() => onOpen(page.id)}>
                <span className="client-head">
                  <b>{page.title}</b>
                  <span className="small quiet">{page.purpose}</span>
                  {said > 0 && (
                    <span className="small said-count">{said === 1 ? '1 comment' : `${said} comments`}</span>
                  )}
                </span>
              </button>
              <div className="client-cells" role="group" aria-label={`Parts of ${page.title}`} tabIndex={0}>
                {page.sections.map((section) => (
                  <span key={section.id} className="client-cell">
                    <Drawn svg={section.thumbnail} />
                    <span>{section.title}</span>
                  </span>
                ))}
              </div>
            </li>
          );
        })}
      </ul>
    </main>
  );
}
