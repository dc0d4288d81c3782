import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Button, Input, Popconfirm, Spin } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router-dom';
import { api, type Comment, type Round, said, unwrap } from '../api/client';
import { useWorkbench } from '../project/context';
import { shown } from '../project/context';
import { Drawn } from '../shared/Drawn';
import { LinkMessage } from '../shared/LinkMessage';
import { when } from '../shared/time';

export function ReviewView() {
  const { project } = useWorkbench();
  const queries = useQueryClient();
  const { message } = App.useApp();
  const path = { project: project.id };
  const [link, setLink] = useState<{ number: number; address: string } | null>(null);
  const review = useQuery({
    queryKey: ['rounds', project.id],
    queryFn: () => unwrap(api.GET('/api/projects/{project}/rounds', { params: { path } })),
    refetchInterval: 15_000,
  });
  const refresh = () => {
    void queries.invalidateQueries({ queryKey: ['rounds', project.id] });
    void queries.invalidateQueries({ queryKey: ['project', project.id] });
  };
  const show = (round: Round) => {
    if (round.link) setLink({ number: round.number, address: window.location.origin + round.link });
    refresh();
  };
  const fail = (error: unknown) => void message.error(said(error), 6);
  const make = useMutation({
    mutationFn: () => unwrap(api.POST('/api/projects/{project}/rounds', { params: { path } })),
    onSuccess: show,
    onError: fail,
  });
  const renew = useMutation({
    mutationFn: (number: number) =>
      unwrap(
        api.POST('/api/projects/{project}/rounds/{number}/link', { params: { path: { ...path, number } } }),
      ),
    onSuccess: show,
    onError: fail,
  });
  const withdraw = useMutation({
    mutationFn: (number: number) =>
      unwrap(
        api.POST('/api/projects/{project}/rounds/{number}/withdraw', {
          params: { path: { ...path, number } },
        }),
      ),
    onSuccess: () => {
      setLink(null);
      refresh();
    },
    onError: fail,
  });

  if (review.isPending)
    return (
      <main className="review">
        <Spin />
      </main>
    );
  if (review.error)
    return (
      <main className="review">
        <Alert type="error" title={said(review.error)} />
      </main>
    );
  const { rounds, threads } = review.data;
  const open = threads.filter((thread) => !thread.doneAt);
  const done = threads.filter((thread) => thread.doneAt);
  return (
    <main className="review">
      <section className="rounds" aria-label="Rounds">
        <h2>Rounds</h2>
        <p className="quiet small">
          A round freezes the plan as it is now and gives it a link of its own. The client needs no account.
        </p>
        <Button
          type="primary"
          loading={make.isPending}
          disabled={project.pages.length === 0}
          onClick={() => make.mutate()}
        >
          Make round {(rounds[0]?.number ?? 0) + 1}
        </Button>
        {link && (
          <LinkMessage
            address={link.address}
            message={`Hello,\n\nthis is round ${link.number} of the plan of your website: its pages, what stands on them, and a first draft of the words. Please look through it and write beside each part what you think. You need no account; a phone will do.`}
          >
            The link of round {link.number}. It is shown only now; send it to the client.
          </LinkMessage>
        )}
        <ul>
          {rounds.map((round) => (
            <li key={round.number} className="round">
              <h3>
                Round {round.number}{' '}
                <span className={round.open ? 'state-open' : 'quiet'}>{round.open ? 'open' : 'closed'}</span>
              </h3>
              <p className="small">
                Made {when(round.madeAt)}, change {round.revision}.{' '}
                {round.openedAt ? `First opened ${when(round.openedAt)}.` : 'Not opened yet.'}
                {round.open && round.expiresAt && ` Open until ${when(round.expiresAt)}.`}
              </p>
              <Button size="small" loading={renew.isPending} onClick={() => renew.mutate(round.number)}>
                New link
              </Button>{' '}
              {round.open && (
                <Popconfirm
                  title="Withdraw the link?"
                  description="The client cannot open this round any more. Comments stay."
                  okText="Withdraw"
                  onConfirm={() => withdraw.mutate(round.number)}
                >
                  <Button size="small">Withdraw</Button>
                </Popconfirm>
              )}
            </li>
          ))}
          {rounds.length === 0 && <li className="quiet">No round yet.</li>}
        </ul>
      </section>
      <section className="threads" aria-label="Comments">
        <h2>
          {open.length
            ? `${open.length} open ${open.length === 1 ? 'comment' : 'comments'}`
            : 'No open comments'}
        </h2>
        {open.map((thread) => (
          <Thread key={thread.id} thread={thread} onChange={refresh} />
        ))}
        {threads.length === 0 && (
          <p className="quiet">What the client says on a section appears here, beside that section.</p>
        )}
        {done.length > 0 && <h2 className="done-title">Done</h2>}
        {done.map((thread) => (
          <Thread key={thread.id} thread={thread} onChange={refresh} />
        ))}
      </section>
    </main>
  );
}

function Thread({ thread, onChange }: { thread: Comment; onChange: () => void }) {
  const { project, select } = useWorkbench();
  const { message } = App.useApp();
  const [text, setText] = useState('');
  const page =
    project.pages.find((one) => one.sections.some((section) => section.id === thread.section)) ??
    project.pages.find((one) => one.id === thread.page);
  const found = page?.sections.find((one) => one.id === thread.section);
  const section = found && shown(project, found);
  const path = { project: project.id, comment: thread.id };
  const fail = (error: unknown) => void message.error(said(error), 6);
  const answer = useMutation({
    mutationFn: () =>
      unwrap(
        api.POST('/api/projects/{project}/comments/{comment}/answers', { params: { path }, body: { text } }),
      ),
    onSuccess: () => {
      setText('');
      onChange();
    },
    onError: fail,
  });
  const mark = useMutation({
    mutationFn: (done: boolean) =>
      unwrap(
        api.POST('/api/projects/{project}/comments/{comment}/done', { params: { path }, body: { done } }),
      ),
    onSuccess: onChange,
    onError: fail,
  });
  return (
    <article className={`thread${thread.doneAt ? ' done' : ''}`} aria-label={`Comment of ${thread.author}`}>
      <div className="thread-where">
        {section?.thumbnail && <Drawn svg={section.thumbnail} label={section.title} />}
        {page && section ? (
          <Link
            to={`/projects/${project.id}/plan`}
            onClick={() => select({ page: page.id, section: section.id })}
          >
            {section.title}, {page.title}
          </Link>
        ) : (
          <span className="quiet small">This section is not in the plan any more.</span>
        )}
        <span className="small quiet">Round {thread.round}</span>
      </div>
      <div>
        {[thread, ...thread.answers].map((one) => (
          <div key={one.id} className={`said ${one.side}`}>
            <b>{one.author}</b> <span className="small quiet">{when(one.at)}</span>
            <p>{one.text}</p>
          </div>
        ))}
        <div className="thread-do">
          {!thread.doneAt && (
            <Input.TextArea
              autoSize={{ minRows: 1, maxRows: 6 }}
              aria-label="Your answer"
              placeholder="Answer"
              maxLength={4000}
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
          )}
          {!thread.doneAt && (
            <Button disabled={text.trim() === ''} loading={answer.isPending} onClick={() => answer.mutate()}>
              Answer
            </Button>
          )}
          <Button
            type={thread.doneAt ? 'default' : 'primary'}
            loading={mark.isPending}
            onClick={() => mark.mutate(!thread.doneAt)}
          >
            {thread.doneAt ? 'Open again' : 'Mark as done'}
          </Button>
        </div>
      </div>
    </article>
  );
}
