import { Problem, said } from '../api/client';

/** What stands behind a link before anything could be shown: it is loading, or why it cannot be. */
export function ClientTrouble({ trouble, onAgain }: { trouble: unknown; onAgain: () => void }) {
  if (!trouble)
    return (
      <p className="client-wait" role="status">
        Loading…
      </p>
    );
  const gone = trouble instanceof Problem && trouble.status === 404;
  return (
    <main className="client-trouble">
      <h1>{gone ? 'This link does not open anything' : 'Not available just now'}</h1>
      <p>
        {gone
          ? 'It may have ended, been withdrawn, or lost a few letters on its way. Ask your designer for a new one.'
          : said(trouble)}
      </p>
      {!gone && <button onClick={onAgain}>Try again</button>}
    </main>
  );
}
