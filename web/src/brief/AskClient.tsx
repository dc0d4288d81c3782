import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Checkbox, Input, Modal } from 'antd';
import { useState } from 'react';
import { api, said, type Schemas, unwrap } from '../api/client';
import { useWorkbench } from '../project/context';
import { defaultsQuery } from '../projects/defaults';
import { LinkMessage } from '../shared/LinkMessage';
import { Proposals } from './Proposals';

type QuestionForm = Schemas['QuestionForm'];

/** Questions for the client behind a link, and the answers that came back. */
export function AskClient({ onClose }: { onClose: () => void }) {
  const { project } = useWorkbench();
  const params = { path: { project: project.id } };
  const queries = useQueryClient();
  const key = ['forms', project.id];
  const forms = useQuery({
    queryKey: key,
    queryFn: () => unwrap(api.GET('/api/projects/{project}/forms', { params })),
    refetchInterval: 20_000,
  });
  const [chosen, setChosen] = useState(() =>
    project.brief.questions
      .filter((question) => question.points > 0 || question.suggestions.length > 0)
      .map((question) => question.id),
  );
  const defaults = useQuery(defaultsQuery).data;
  const [ownChosen, setOwnChosen] = useState<string[]>([]);
  const [own, setOwn] = useState('');
  const [keepOwn, setKeepOwn] = useState(false);
  const typed = own
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
    .map((text) => ({ text, hint: '' }));
  const [reading, setReading] = useState<QuestionForm | null>(null);
  const make = useMutation({
    mutationFn: async () => {
      const made = await unwrap(
        api.POST('/api/projects/{project}/forms', {
          params,
          body: {
            questions: [
              ...project.brief.questions
                .filter((question) => chosen.includes(question.id))
                .map((question) => ({
                  text: question.ask,
                  hint: question.hint,
                  suggestions: question.suggestions.slice(0, 9).map((one) => one.label),
                })),
              ...(defaults?.questions ?? []).filter((question) => ownChosen.includes(question.text)),
              ...typed,
            ],
          },
        }),
      );
      if (keepOwn && typed.length > 0 && defaults) {
        const body = { ...defaults, questions: [...defaults.questions, ...typed] };
        queries.setQueryData(defaultsQuery.queryKey, await unwrap(api.PUT('/api/defaults', { body })));
        setOwn('');
      }
      return made;
    },
    onSuccess: () => void queries.invalidateQueries({ queryKey: key }),
  });
  const withdraw = useMutation({
    mutationFn: (number: number) =>
      unwrap(
        api.POST('/api/projects/{project}/forms/{number}/withdraw', {
          params: { path: { project: project.id, number } },
        }),
      ),
    onSuccess: () => void queries.invalidateQueries({ queryKey: key }),
  });
  const link = make.data?.link ? window.location.origin + make.data.link : null;
  if (reading)
    return (
      <Answers
        form={reading}
        onClose={() => {
          setReading(null);
          void queries.invalidateQueries({ queryKey: key });
        }}
      />
    );
  const trouble = make.error ?? withdraw.error ?? forms.error;
  return (
    <Modal
      open
      width={760}
      title="Ask the client"
      onCancel={onClose}
      cancelText="Close"
      okText="Make a form and its link"
      okButtonProps={{ disabled: chosen.length + ownChosen.length + typed.length === 0 }}
      confirmLoading={make.isPending}
      onOk={() => make.mutate()}
    >
      {trouble && <Alert type="error" title={said(trouble)} role="alert" />}
      {link && (
        <LinkMessage
          address={link}
          message={`Hello,\n\nso that I can plan your website I have ${make.data?.questions.length === 1 ? 'one question' : `${make.data?.questions.length} questions`} for you. Leave out what you do not know; every answer is kept as you type, and you can come back to it. You need no account; a phone will do.`}
        >
          The link of this form. It is shown only now and works for 30 days; send it to the client.
        </LinkMessage>
      )}
      {(forms.data ?? []).length > 0 && (
        <ul className="forms" aria-label="Forms">
          {(forms.data ?? []).map((form) => (
            <li key={form.number}>
              <b>Form {form.number}</b>
              <span>{state(form)}</span>
              <span className="mono">
                {form.answered}/{form.questions.length}
              </span>
              <span className="do">
                {(form.sentAt || form.answered > 0) && (
                  <Button
                    size="small"
                    type={form.takenAt ? 'default' : 'primary'}
                    onClick={() => setReading(form)}
                  >
                    See the answers
                  </Button>
                )}
                {form.open && (
                  <Button size="small" onClick={() => withdraw.mutate(form.number)}>
                    Withdraw
                  </Button>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      <h3>New form</h3>
      <ul className="ask-list">
        {project.brief.questions.map((question) => (
          <li key={question.id}>
            <Checkbox
              checked={chosen.includes(question.id)}
              onChange={(event) => setChosen(toggled(chosen, question.id, event.target.checked))}
            >
              {question.ask} <span className="small quiet">{question.hint}</span>
            </Checkbox>
            <span className="mono points">{question.points > 0 ? `+${question.points}` : '·'}</span>
          </li>
        ))}
        {(defaults?.questions ?? []).map((question) => (
          <li key={question.text}>
            <Checkbox
              checked={ownChosen.includes(question.text)}
              onChange={(event) => setOwnChosen(toggled(ownChosen, question.text, event.target.checked))}
            >
              {question.text} <span className="small quiet">{question.hint}</span>
            </Checkbox>
            <span className="small quiet">your own</span>
          </li>
        ))}
      </ul>
      <label htmlFor="own-questions">Questions of your own, one to a line</label>
      <Input.TextArea
        id="own-questions"
        rows={3}
        value={own}
        onChange={(event) => setOwn(event.target.value)}
      />
      <Checkbox
        checked={keepOwn}
        disabled={typed.length === 0}
        onChange={(event) => setKeepOwn(event.target.checked)}
      >
        Keep them for other projects
      </Checkbox>
    </Modal>
  );
}

const toggled = (all: string[], one: string, on: boolean): string[] =>
  on ? [...all, one] : all.filter((other) => other !== one);

const state = (form: QuestionForm): string =>
  form.takenAt
    ? 'answered, put to the brief'
    : form.sentAt
      ? 'the client has sent it'
      : !form.open
        ? 'withdrawn or ended'
        : form.openedAt
          ? 'opened, not sent yet'
          : 'not opened yet';

/** What the client answered and then what was attached, one after the other, with what each changes. */
function Answers({ form, onClose }: { form: QuestionForm; onClose: () => void }) {
  const { project, act } = useWorkbench();
  const params = { path: { project: project.id, number: form.number } };
  const previews = useQuery({
    queryKey: ['answers', project.id, form.number, project.revision],
    queryFn: () => unwrap(api.GET('/api/projects/{project}/forms/{number}/answers', { params })),
  });
  const [accepted, setAccepted] = useState<string[] | null>(null);
  const [step, setStep] = useState({ index: 0, after: -1 });
  // The second source is read against what the first has changed, so it waits for that to be saved.
  const shown = project.revision > step.after ? previews.data?.[step.index] : undefined;
  const next = previews.data?.[step.index + 1];
  const chosen =
    accepted ?? shown?.proposals.filter((one) => one.effect === 'adds').map((one) => one.id) ?? [];
  const take = useMutation({
    mutationFn: () => unwrap(api.POST('/api/projects/{project}/forms/{number}/taken', { params })),
    onSuccess: onClose,
  });
  const add = (source: Schemas['SourcePreview'], accept: string[]) =>
    act({ type: 'add-source', title: source.title, kind: source.kind, text: source.text, accept });
  return (
    <Modal
      open
      width={760}
      title={step.index === 0 ? `Answers to form ${form.number}` : `Attached to form ${form.number}`}
      onCancel={onClose}
      cancelText="Not now"
      okText={`Add as a source and accept ${chosen.length}`}
      okButtonProps={{ disabled: !shown }}
      confirmLoading={take.isPending}
      onOk={() => {
        if (shown) add(shown, chosen);
        if (next) {
          setAccepted(null);
          setStep({ index: step.index + 1, after: project.revision });
        } else take.mutate();
      }}
    >
      {previews.error && <Alert type="error" title={said(previews.error)} role="alert" />}
      {shown && <pre className="answers-text">{shown.text}</pre>}
      {next && <p>The client also attached “{next.title}”. It comes next.</p>}
      {shown && <Proposals proposals={shown.proposals} accepted={chosen} onAccept={setAccepted} />}
    </Modal>
  );
}
