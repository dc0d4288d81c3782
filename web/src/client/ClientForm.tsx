import { useCallback, useEffect, useRef, useState } from 'react';
import { api, said, type Schemas, unwrap } from '../api/client';
import { READABLE, toBase64 } from '../api/files';
import { ClientTrouble } from './ClientTrouble';

type Form = Schemas['ClientForm'];

/** Milliseconds without a key before an answer is saved. */
const PAUSE = 700;
const AGAIN_AFTER = 4000;

/** The questions behind a link. Every answer is saved as it is typed; the client can leave and come back. */
export function ClientForm({ token }: { token: string }) {
  const [form, setForm] = useState<Form | null>(null);
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [trouble, setTrouble] = useState<unknown>(null);
  const [saving, setSaving] = useState<'saved' | 'saving' | 'failed'>('saved');
  const waiting = useRef<Map<string, string>>(new Map());
  const timer = useRef<number | undefined>(undefined);
  const params = { path: { token } };

  const load = useCallback(async () => {
    try {
      setForm(await unwrap(api.GET('/api/form/{token}', { params: { path: { token } } })));
      setTrouble(null);
    } catch (error) {
      setTrouble(error);
    }
  }, [token]);
  useEffect(() => {
    const first = window.setTimeout(() => void load(), 0);
    return () => window.clearTimeout(first);
  }, [load]);

  const save = useCallback(async () => {
    window.clearTimeout(timer.current);
    for (const [question, text] of [...waiting.current]) {
      setSaving('saving');
      try {
        await unwrap(
          api.POST('/api/form/{token}/answers', { params: { path: { token } }, body: { question, text } }),
        );
        if (waiting.current.get(question) === text) waiting.current.delete(question);
      } catch (error) {
        setSaving('failed');
        setTrouble(error);
        return false;
      }
    }
    setTrouble(null);
    setSaving('saved');
    return true;
  }, [token]);
  useEffect(() => {
    const again = saving === 'failed' ? window.setInterval(() => void save(), AGAIN_AFTER) : undefined;
    return () => window.clearInterval(again);
  }, [save, saving]);
  useEffect(() => {
    const keep = (event: BeforeUnloadEvent) => {
      if (waiting.current.size > 0) event.preventDefault();
    };
    window.addEventListener('beforeunload', keep);
    return () => window.removeEventListener('beforeunload', keep);
  }, []);

  const type = (question: string, text: string) => {
    setTyped({ ...typed, [question]: text });
    waiting.current.set(question, text);
    setSaving('saving');
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => void save(), PAUSE);
  };
  const attach = async (file: File) => {
    try {
      setForm(
        await unwrap(
          api.POST('/api/form/{token}/file', {
            params,
            body: { name: file.name, file: await toBase64(file) },
          }),
        ),
      );
      setTrouble(null);
    } catch (error) {
      setTrouble(error);
    }
  };
  const send = async () => {
    if (!(await save())) return;
    try {
      setForm(await unwrap(api.POST('/api/form/{token}/send', { params })));
      setTrouble(null);
      window.scrollTo(0, 0);
    } catch (error) {
      setTrouble(error);
    }
  };

  if (!form) return <ClientTrouble trouble={trouble} onAgain={() => void load()} />;
  return (
    <div className="client client-form">
      <header>
        <b>{form.project}</b>
        <span className="quiet">Questions from {form.designer}</span>
      </header>
      <main>
        <h1>{form.sentAt ? 'Thank you, it is sent' : 'A few questions about your website'}</h1>
        <p className="lead">
          {form.sentAt
            ? 'You can still change an answer and send it again.'
            : 'Short answers are fine. Leave empty what you do not know. Everything is kept as you type, so you can stop and come back with the same link.'}
        </p>
        {form.questions.map((question, i) => (
          <div key={question.id} className="asked">
            <label htmlFor={question.id}>
              <span className="mono">{i + 1}</span> {question.text}
            </label>
            {question.hint && (
              <p className="small quiet" id={`${question.id}-hint`}>
                {question.hint}
              </p>
            )}
            <textarea
              id={question.id}
              rows={2}
              maxLength={20_000}
              aria-describedby={question.hint ? `${question.id}-hint` : undefined}
              value={typed[question.id] ?? question.answer}
              onChange={(event) => type(question.id, event.target.value)}
              onBlur={() => void save()}
            />
            {question.suggestions.length > 0 && (
              <p className="suggested" role="group" aria-label={`Suggestions: ${question.text}`}>
                {question.suggestions.map((one) => (
                  <button
                    key={one}
                    type="button"
                    onClick={() =>
                      type(question.id, withSuggestion(typed[question.id] ?? question.answer, one))
                    }
                  >
                    {one}
                  </button>
                ))}
              </p>
            )}
          </div>
        ))}
        <div className="asked">
          <label htmlFor="file">Anything written already? Attach one file</label>
          <input
            id="file"
            type="file"
            accept={READABLE}
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void attach(file);
            }}
          />
          {form.file && <p className="small">Attached: {form.file}</p>}
        </div>
        {trouble !== null && (
          <p className="attention" role="alert">
            {said(trouble)}
          </p>
        )}
        <div className="form-end">
          <button className="primary" onClick={() => void send()}>
            {form.sentAt ? 'Send again' : 'Send the answers'}
          </button>
          <span role="status" className="quiet">
            {saving === 'saved'
              ? 'Everything is kept'
              : saving === 'saving'
                ? 'Keeping…'
                : 'Not kept yet, trying again'}
          </span>
        </div>
      </main>
    </div>
  );
}

const PLAIN = ['Yes', 'No'];

/** A yes or a no stands alone; anything else joins what is there, once. */
const withSuggestion = (answer: string, suggestion: string): string => {
  const parts = answer
    .split(/,\s*/)
    .map((part) => part.trim())
    .filter((part) => part && !PLAIN.includes(part));
  if (PLAIN.includes(suggestion)) return suggestion;
  return parts.includes(suggestion)
    ? parts.filter((part) => part !== suggestion).join(', ')
    : [...parts, suggestion].join(', ');
};
