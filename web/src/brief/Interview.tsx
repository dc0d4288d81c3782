import { useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router-dom';
import type { Question } from '../api/client';
import { useWorkbench } from '../project/context';
import { answerTo } from './answer';
import { defaultsQuery } from '../projects/defaults';

/** A question of the catalogue, or one of the designer's own. */
type Asked = Pick<Question, 'id' | 'ask' | 'hint' | 'suggestions'> &
  Partial<Pick<Question, 'kind' | 'effect' | 'points' | 'fact'>>;

/**
 * One question at a time for a telephone call, by keyboard alone: Enter keeps the answer and asks the next, Alt and an
 * arrow goes on or back, Alt and a figure takes a suggestion, Alt N goes to the notes and back.
 */
export function Interview() {
  const { project, act } = useWorkbench();
  const navigate = useNavigate();
  const own = useQuery(defaultsQuery).data?.questions;
  const [catalogued] = useState<Question[]>(project.brief.questions);
  const asked = useMemo<Asked[]>(
    () => [
      ...catalogued,
      ...(own ?? []).map((one) => ({
        id: `own ${one.text}`,
        ask: one.text,
        hint: one.hint,
        suggestions: [],
      })),
    ],
    [catalogued, own],
  );
  const [at, setAt] = useState(0);
  const [answers, setAnswers] = useState<Record<string, string>>({});
  const [notes, setNotes] = useState('');
  const answer = useRef<HTMLTextAreaElement>(null);
  const noted = useRef<HTMLTextAreaElement>(null);
  const question = asked[at];
  const open = project.brief.questions;
  const typed = question ? (answers[question.id] ?? '') : '';
  const facts = useMemo(() => [...project.brief.facts].filter((fact) => !fact.struck), [project.brief.facts]);

  useEffect(() => {
    answer.current?.focus();
  }, [at]);

  const keep = (value: string) => {
    if (!question) return;
    const { kind, fact = null } = question;
    if (value.trim() && kind) act(answerTo({ kind, fact }, value.trim()));
    setAnswers({ ...answers, [question.id]: value });
    setAt(at + 1);
  };
  const finish = () => {
    const words = [
      ...asked.flatMap((one) => {
        const said = (answers[one.id] ?? '').trim();
        return said ? [`Q: ${one.ask}\nA: ${said.replace(/\s*\n\s*/g, ', ')}`] : [];
      }),
      ...(notes.trim() ? [`Notes:\n${notes.trim()}`] : []),
    ].join('\n\n');
    void navigate(`/projects/${project.id}/brief`, {
      state: words ? { source: { title: `Interview, ${today()}`, text: words } } : null,
    });
  };
  const onKey = (event: React.KeyboardEvent) => {
    const suggestion = question?.suggestions[Number(event.key) - 1];
    if (event.altKey && suggestion) keep(suggestion.label);
    else if (event.altKey && event.key === 'ArrowRight') setAt(Math.min(at + 1, asked.length));
    else if (event.altKey && event.key === 'ArrowLeft') setAt(Math.max(at - 1, 0));
    else if (event.altKey && event.key.toLowerCase() === 'n')
      (document.activeElement === noted.current ? answer : noted).current?.focus();
    else if (event.key === 'Escape') finish();
    else return;
    event.preventDefault();
  };
  return (
    <main className="interview" onKeyDown={onKey}>
      <section className="interview-ask" aria-label="Interview">
        {question ? (
          <>
            <p className="mono quiet">
              {at + 1} of {asked.length} ·{' '}
              {question.points
                ? `worth ${question.points} points`
                : question.kind
                  ? 'brings no points, but helps to decide'
                  : 'a question of your own'}
            </p>
            <h2 id="asked">{question.ask}</h2>
            <p className="quiet">
              {question.hint} {question.effect ?? 'The answer goes into the record of this interview.'}
            </p>
            <Input.TextArea
              key={question.id}
              ref={(field) => {
                answer.current = field?.resizableTextArea?.textArea ?? null;
              }}
              autoFocus
              aria-labelledby="asked"
              autoSize={{ minRows: 2, maxRows: 8 }}
              value={typed}
              onChange={(event) => setAnswers({ ...answers, [question.id]: event.target.value })}
              onKeyDown={(event) => {
                if (event.key === 'Enter' && !event.shiftKey && !event.altKey) {
                  event.preventDefault();
                  keep(typed);
                }
              }}
            />
            {question.suggestions.length > 0 && (
              <ol className="interview-suggest">
                {question.suggestions.slice(0, 9).map((one, i) => (
                  <li key={one.value}>
                    <kbd>Alt {i + 1}</kbd> {one.label}
                  </li>
                ))}
              </ol>
            )}
          </>
        ) : (
          <Ended open={open} onFinish={finish} />
        )}
        <label className="small quiet" htmlFor="notes">
          Notes, for what was not asked
        </label>
        <Input.TextArea
          id="notes"
          ref={(field) => {
            noted.current = field?.resizableTextArea?.textArea ?? null;
          }}
          autoSize={{ minRows: 3, maxRows: 8 }}
          value={notes}
          onChange={(event) => setNotes(event.target.value)}
        />
        <p className="small quiet interview-keys">
          <kbd>Enter</kbd> keep and next <kbd>Shift Enter</kbd> new line <kbd>Alt →</kbd> later{' '}
          <kbd>Alt ←</kbd> back <kbd>Alt N</kbd> notes <kbd>Esc</kbd> end
        </p>
      </section>
      <aside className="interview-facts" aria-label="Fact sheet">
        <h2>
          {project.brief.score.total} <span className="quiet">of 100</span>
        </h2>
        <ul>
          {facts.map((fact) => (
            <li key={fact.id} className={fact.origin === 'entered' ? 'new' : ''}>
              <span className="fact-label">{fact.label}</span> {fact.shown}
            </li>
          ))}
        </ul>
      </aside>
    </main>
  );
}

function Ended({ open, onFinish }: { open: Question[]; onFinish: () => void }) {
  return (
    <div className="interview-end">
      <h2>{open.length ? `Still open: ${open.length}` : 'Nothing is open any more'}</h2>
      <ul>
        {open.map((one) => (
          <li key={one.id}>
            <span className="mono points">{one.points ? `+${one.points}` : '·'}</span> {one.ask}
          </li>
        ))}
      </ul>
      <button className="interview-done" autoFocus onClick={onFinish}>
        End the interview
      </button>
    </div>
  );
}

const today = () => new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long' });
