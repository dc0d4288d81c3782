import { useCallback, useEffect, useState } from 'react';
import { api, type Comment, said, type Schemas, unwrap } from '../api/client';
import { ClientPage } from './ClientPage';
import { ClientStrips } from './ClientStrips';
import { ClientTrouble } from './ClientTrouble';

type Round = Schemas['ClientRound'];

/** What the client sees behind a link: the strips and pages of exactly one round, and a place to comment. */
export function ClientApp({ token }: { token: string }) {
  const [round, setRound] = useState<Round | null>(null);
  const [comments, setComments] = useState<Comment[]>([]);
  const [trouble, setTrouble] = useState<unknown>(null);
  const [page, setPage] = useState<string | null>(new URLSearchParams(window.location.search).get('page'));

  const load = useCallback(async () => {
    try {
      const params = { path: { token } };
      const [shown, said] = await Promise.all([
        unwrap(api.GET('/api/review/{token}', { params })),
        unwrap(api.GET('/api/review/{token}/comments', { params })),
      ]);
      setRound(shown);
      setComments(said);
      setTrouble(null);
    } catch (error) {
      setTrouble(error);
    }
  }, [token]);

  useEffect(() => {
    const first = window.setTimeout(() => void load(), 0);
    const onBack = () => setPage(new URLSearchParams(window.location.search).get('page'));
    window.addEventListener('popstate', onBack);
    const again = window.setInterval(() => void load(), 30_000);
    return () => {
      window.clearTimeout(first);
      window.clearInterval(again);
      window.removeEventListener('popstate', onBack);
    };
  }, [load]);

  const open = (id: string | null) => {
    window.history.pushState(null, '', id ? `?page=${id}` : window.location.pathname);
    setPage(id);
    window.scrollTo(0, 0);
  };
  const comment = async (section: string, author: string, text: string, answers: number | null) => {
    const thread = await unwrap(
      api.POST('/api/review/{token}/comments', {
        params: { path: { token } },
        body: { section, author, text, answers },
      }),
    );
    setComments((all) =>
      all.some((one) => one.id === thread.id)
        ? all.map((one) => (one.id === thread.id ? thread : one))
        : [...all, thread],
    );
  };

  if (!round) return <ClientTrouble trouble={trouble} onAgain={() => void load()} />;
  const shown = round.pages.find((one) => one.id === page);
  return (
    <div className="client">
      <header>
        <button className="plain" onClick={() => open(null)}>
          <b>{round.project}</b>
        </button>
        <span className="quiet">
          Round {round.number}, by {round.designer}
        </span>
      </header>
      {trouble !== null && (
        <p className="attention" role="alert">
          {said(trouble)}
        </p>
      )}
      {shown ? (
        <ClientPage
          key={shown.id}
          token={token}
          page={shown}
          comments={comments}
          designer={round.designer}
          onComment={comment}
          onBack={() => open(null)}
        />
      ) : (
        <ClientStrips round={round} comments={comments} onOpen={open} />
      )}
    </div>
  );
}
