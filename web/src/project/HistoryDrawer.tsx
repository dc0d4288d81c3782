import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Drawer, Input, Radio, Spin } from 'antd';
import { useState } from 'react';
import { api, said, type Schemas, unwrap } from '../api/client';
import { when } from '../shared/time';
import { useWorkbench } from './context';

type Entry = Schemas['HistoryEntry'];

/** Every change in words, with who and when; any state to go back to, to name, or to compare with another. */
export function HistoryDrawer({ onClose }: { onClose: () => void }) {
  const { project, restore } = useWorkbench();
  const queries = useQueryClient();
  const key = ['history', project.id, project.revision];
  const history = useQuery({
    queryKey: key,
    queryFn: () =>
      unwrap(api.GET('/api/projects/{project}/history', { params: { path: { project: project.id } } })),
  });
  const [range, setRange] = useState<{ from: number | null; to: number }>({
    from: null,
    to: project.revision,
  });
  const [naming, setNaming] = useState<number | null>(null);
  const name = async (revision: number, value: string) => {
    setNaming(null);
    const renamed = await unwrap(
      api.PUT('/api/projects/{project}/history/{revision}/name', {
        params: { path: { project: project.id, revision } },
        body: { name: value },
      }),
    );
    queries.setQueryData(key, renamed);
  };
  const entries: Entry[] = history.data ?? [];
  return (
    <Drawer open size={760} onClose={onClose} title="History" className="history">
      {history.error && <Alert type="error" title={said(history.error)} role="alert" />}
      {history.isPending && <Spin />}
      {range.from !== null && range.from !== range.to && <Compared from={range.from} to={range.to} />}
      <table>
        <thead>
          <tr>
            <th scope="col">From</th>
            <th scope="col">To</th>
            <th scope="col">What was done</th>
            <th scope="col">
              <span className="visually-hidden">Do</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {entries.map((entry) => (
            <tr key={entry.revision} className={entry.name ? 'named' : ''}>
              <td>
                <Radio
                  aria-label={`Compare from change ${entry.revision}`}
                  checked={range.from === entry.revision}
                  onChange={() => setRange({ ...range, from: entry.revision })}
                />
              </td>
              <td>
                <Radio
                  aria-label={`Compare to change ${entry.revision}`}
                  checked={range.to === entry.revision}
                  onChange={() => setRange({ ...range, to: entry.revision })}
                />
              </td>
              <td>
                {entry.name && <b className="state-name">{entry.name}</b>}
                {entry.kind === 'do' ? '' : entry.kind === 'undo' ? 'Undo: ' : 'Redo: '}
                {entry.title}
                <br />
                <span className="small quiet">
                  <span className="mono">{entry.revision}</span>
                  {entry.at && ` · ${entry.author}, ${when(entry.at)}`}
                </span>
                {naming === entry.revision && (
                  <Input
                    size="small"
                    autoFocus
                    aria-label="Name of this state"
                    defaultValue={entry.name ?? ''}
                    maxLength={120}
                    placeholder="As agreed on the telephone"
                    onPressEnter={(event) => void name(entry.revision, event.currentTarget.value)}
                    onBlur={() => setNaming(null)}
                  />
                )}
              </td>
              <td className="do">
                <Button size="small" onClick={() => setNaming(entry.revision)}>
                  {entry.name ? 'Rename' : 'Name it'}
                </Button>
                <Button
                  size="small"
                  disabled={entry.revision === project.revision}
                  onClick={() => {
                    restore(entry.revision);
                    setRange({ from: null, to: project.revision + 1 });
                  }}
                >
                  Go back to this
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Drawer>
  );
}

function Compared({ from, to }: { from: number; to: number }) {
  const { project } = useWorkbench();
  const [earlier, later] = from < to ? [from, to] : [to, from];
  const compared = useQuery({
    queryKey: ['compared', project.id, earlier, later],
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{project}/history/compare', {
          params: { path: { project: project.id }, query: { from: earlier, to: later } },
        }),
      ),
  });
  return (
    <section className="compared" aria-label="What differs">
      <h3>
        From change {earlier} to change {later}
        {compared.data &&
          `: ${compared.data.differences.length === 1 ? '1 difference' : `${compared.data.differences.length} differences`}`}
      </h3>
      {compared.error && <Alert type="error" title={said(compared.error)} role="alert" />}
      {compared.isPending && <Spin />}
      <ul>
        {compared.data?.differences.map((difference, index) => (
          <li key={index}>
            <span className="level">{difference.kind}</span> {difference.text}
          </li>
        ))}
      </ul>
      {compared.data?.differences.length === 0 && <p>Nothing differs in the plan.</p>}
      {compared.data && compared.data.steps > 0 && (
        <p className="small quiet">
          In structure they are {compared.data.steps === 1 ? 'one step' : `${compared.data.steps} steps`}{' '}
          apart: pages and sections added or taken away.
        </p>
      )}
    </section>
  );
}
