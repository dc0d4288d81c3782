import { useEffect, useState } from 'react';
import { api, type Comment, type Drawing, said, type Schemas, unwrap } from '../api/client';
import { Drawn } from '../shared/Drawn';
import { when } from '../shared/time';

type Page = Schemas['ClientRound']['pages'][number];
type Send = (section: string, author: string, text: string, answers: number | null) => Promise<void>;

interface Props {
  token: string;
  page: Page;
  comments: Comment[];
  designer: string;
  onComment: Send;
  onBack: () => void;
}

const widthOf = (pixels: number): 'phone' | 'tablet' | 'desktop' =>
  pixels < 600 ? 'phone' : pixels < 1000 ? 'tablet' : 'desktop';

export function ClientPage({ token, page, comments, designer, onComment, onBack }: Props) {
  const [drawings, setDrawings] = useState<Drawing[] | null>(null);
  const [trouble, setTrouble] = useState('');
  const [writing, setWriting] = useState<string | null>(null);
  const [width] = useState(() => widthOf(window.innerWidth));
  useEffect(() => {
    let gone = false;
    unwrap(
      api.GET('/api/review/{token}/pages/{page}', {
        params: { path: { token, page: page.id }, query: { width } },
      }),
    )
      .then((drawn) => !gone && setDrawings(drawn))
      .catch((error: unknown) => !gone && setTrouble(said(error)));
    return () => {
      gone = true;
    };
  }, [token, page.id, width]);
  return (
    <main>
      <button className="back" onClick={onBack}>
        All pages
      </button>
      <h1>{page.title}</h1>
      <p className="lead">{page.purpose}</p>
      {trouble && (
        <p className="attention" role="alert">
          {trouble}
        </p>
      )}
      {!drawings && !trouble && <p role="status">Loading…</p>}
      {drawings?.map((drawing) => {
        const section = page.sections.find((one) => one.id === drawing.section);
        if (!section) return null;
        const threads = comments.filter((comment) => comment.section === section.id);
        return (
          <section key={section.id} className={`client-section ${width}`} aria-label={section.title}>
            <div className="client-drawing">
              <Drawn svg={drawing.svg} label={`Sketch of “${section.title}”`} />
            </div>
            <div className="client-say">
              <h2>{section.title}</h2>
              <p className="small quiet">{section.purpose}</p>
              {threads.map((thread) => (
                <Thread
                  key={thread.id}
                  thread={thread}
                  designer={designer}
                  onSend={(author, text) => onComment(section.id, author, text, thread.id)}
                />
              ))}
              {writing === section.id ? (
                <Write
                  label={`Comment on ${section.title}`}
                  onSend={async (author, text) => {
                    await onComment(section.id, author, text, null);
                    setWriting(null);
                  }}
                  onCancel={() => setWriting(null)}
                />
              ) : (
                <button onClick={() => setWriting(section.id)}>Comment on this part</button>
              )}
            </div>
          </section>
        );
      })}
    </main>
  );
}

function Thread({
  thread,
  designer,
  onSend,
}: {
  thread: Comment;
  designer: string;
  onSend: (author: string, text: string) => Promise<void>;
}) {
  const [answering, setAnswering] = useState(false);
  return (
    <div className={`client-thread${thread.doneAt ? ' done' : ''}`}>
      {[thread, ...thread.answers].map((one) => (
        <div key={one.id} className={one.side === 'designer' ? 'said designer' : 'said'}>
          <b>{one.side === 'designer' ? designer : one.author}</b>{' '}
          <span className="small quiet">{when(one.at)}</span>
          <p>{one.text}</p>
        </div>
      ))}
      {thread.doneAt && <p className="small state">Done</p>}
      {answering ? (
        <Write
          label="Your answer"
          onSend={async (author, text) => {
            await onSend(author, text);
            setAnswering(false);
          }}
          onCancel={() => setAnswering(false)}
        />
      ) : (
        <button className="plain link small" onClick={() => setAnswering(true)}>
          Answer
        </button>
      )}
    </div>
  );
}

function Write({
  label,
  onSend,
  onCancel,
}: {
  label: string;
  onSend: (author: string, text: string) => Promise<void>;
  onCancel: () => void;
}) {
  const [author, setAuthor] = useState(() => window.localStorage.getItem('dune-author') ?? '');
  const [text, setText] = useState('');
  const [sending, setSending] = useState(false);
  const [trouble, setTrouble] = useState('');
  const send = async () => {
    setSending(true);
    try {
      window.localStorage.setItem('dune-author', author);
      await onSend(author, text);
    } catch (error) {
      setTrouble(`${said(error)} What you wrote is kept here.`);
      setSending(false);
    }
  };
  return (
    <form
      aria-label={label}
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      {trouble && (
        <p className="attention" role="alert">
          {trouble}
        </p>
      )}
      <label>
        What you would like to say
        <textarea
          autoFocus
          rows={3}
          required
          maxLength={4000}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <label>
        Your name
        <input
          required
          maxLength={120}
          autoComplete="name"
          value={author}
          onChange={(event) => setAuthor(event.target.value)}
        />
      </label>
      <div className="write-do">
        <button className="primary" disabled={sending || text.trim() === '' || author.trim() === ''}>
          {sending ? 'Sending…' : 'Send'}
        </button>
        <button type="button" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </form>
  );
}
