import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Empty, Input, Table, Upload } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router-dom';
import { api, Problem, said, type Schemas, unwrap } from '../api/client';
import { Trouble } from '../app/Trouble';
import { ago } from '../shared/time';
import { NewProject } from './NewProject';

type Row = Schemas['ProjectRow'];

export function ProjectsPage({ account }: { account: Schemas['Account'] }) {
  const projects = useQuery({ queryKey: ['projects'], queryFn: () => unwrap(api.GET('/api/projects')) });
  const [search, setSearch] = useState('');
  const [making, setMaking] = useState(false);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const leave = useMutation({
    mutationFn: () => unwrap(api.POST('/api/sign-out')),
    onSuccess: () => {
      queries.clear();
      window.location.assign('/');
    },
  });
  const take = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      const response = await fetch('/api/projects/import', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: text,
      });
      const body = (await response.json()) as { id?: string; detail?: string };
      if (!response.ok || !body.id)
        throw new Problem(response.status, body.detail ?? 'This is no project file.');
      return body.id;
    },
    onSuccess: (id) => void navigate(`/projects/${id}/plan`),
    onError: (error) => void message.error(said(error), 6),
  });
  if (projects.error)
    return (
      <Trouble
        title="Your projects cannot be shown"
        text={said(projects.error)}
        onRetry={() => void projects.refetch()}
      />
    );
  const rows = (projects.data ?? []).filter((row) =>
    row.name.toLowerCase().includes(search.trim().toLowerCase()),
  );
  return (
    <div className="projects">
      <header className="top">
        <span className="brand">Dune Pocket</span>
        <span className="quiet">
          {account.name} · <Link to="/defaults">Your defaults</Link> ·{' '}
          <button className="plain link" onClick={() => leave.mutate()}>
            Sign out
          </button>
        </span>
      </header>
      <main>
        <div className="bar">
          <h1>Projects</h1>
          <Input.Search
            placeholder="Find a project"
            aria-label="Find a project"
            allowClear
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
          <Upload
            accept=".json"
            showUploadList={false}
            beforeUpload={(file) => {
              take.mutate(file);
              return false;
            }}
          >
            <Button loading={take.isPending}>Open a project file</Button>
          </Upload>
          <Button type="primary" onClick={() => setMaking(true)}>
            New project
          </Button>
        </div>
        <Table<Row>
          rowKey="id"
          size="middle"
          loading={projects.isPending}
          dataSource={rows}
          pagination={rows.length > 50 ? { pageSize: 50 } : false}
          onRow={(row) => ({
            onClick: () => void navigate(`/projects/${row.id}/${row.pages ? 'plan' : 'brief'}`),
            className: 'row',
          })}
          locale={{
            emptyText: (
              <Empty
                image={null}
                description={
                  search ? 'No project of that name.' : 'No project yet. Paste a client’s brief to start one.'
                }
              />
            ),
          }}
          columns={[
            {
              title: 'Client',
              dataIndex: 'name',
              sorter: (a, b) => a.name.localeCompare(b.name),
              render: (_, row) => (
                <Link
                  className="strong"
                  to={`/projects/${row.id}/${row.pages ? 'plan' : 'brief'}`}
                  onClick={(event) => event.stopPropagation()}
                >
                  {row.name}
                </Link>
              ),
            },
            { title: 'Stands', dataIndex: 'stands', width: 130 },
            {
              title: 'Turn',
              dataIndex: 'turn',
              width: 130,
              render: (turn: Row['turn']) =>
                turn === 'designer' ? (
                  <b className="yours">yours</b>
                ) : (
                  <span className="quiet">the client’s</span>
                ),
            },
            {
              title: 'Brief',
              dataIndex: 'score',
              width: 100,
              align: 'right',
              render: (score: number) => <span className="mono">{score} of 100</span>,
            },
            {
              title: 'Pages',
              dataIndex: 'pages',
              width: 90,
              align: 'right',
              render: (pages: number) => <span className="mono">{pages || '–'}</span>,
            },
            {
              title: 'Open comments',
              dataIndex: 'openComments',
              width: 140,
              align: 'right',
              render: (open: number) => (
                <span className={open ? 'mono attention' : 'mono'}>{open || '–'}</span>
              ),
            },
            {
              title: 'Last change',
              dataIndex: 'changedAt',
              width: 130,
              align: 'right',
              render: (at: string) => ago(at),
            },
          ]}
        />
      </main>
      {making && <NewProject projects={projects.data ?? []} onClose={() => setMaking(false)} />}
    </div>
  );
}
