import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, Form, Input, Modal, Segmented, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';
import { api, said, type Schemas, unwrap } from '../api/client';
import { toBase64 } from '../api/files';
import { type Incoming, isEmpty, SourceInput } from '../shared/SourceInput';

interface Props {
  projects: Schemas['ProjectRow'][];
  onClose: () => void;
}

/** A project from what a client wrote, or with the brief of another project. */
export function NewProject({ projects, onClose }: Props) {
  const [way, setWay] = useState<'brief' | 'project'>('brief');
  const [brief, setBrief] = useState<Incoming>({ text: '', file: null, name: '' });
  const [other, setOther] = useState<{ from: string | null; name: string }>({ from: null, name: '' });
  const navigate = useNavigate();
  const queries = useQueryClient();
  const make = useMutation({
    mutationFn: async () =>
      unwrap(
        api.POST('/api/projects', {
          body:
            way === 'project' && other.from
              ? { from: other.from, name: other.name.trim() }
              : {
                  name: brief.name,
                  title: brief.file?.name ?? 'Brief',
                  ...(brief.file ? { file: await toBase64(brief.file) } : { brief: brief.text }),
                },
        }),
      ),
    onSuccess: ({ id }) => {
      void queries.invalidateQueries({ queryKey: ['projects'] });
      void navigate(`/projects/${id}/brief`);
    },
  });
  const incomplete = way === 'brief' ? isEmpty(brief) : !other.from || other.name.trim() === '';
  return (
    <Modal
      open
      width={720}
      title="New project"
      onCancel={onClose}
      okText={way === 'brief' ? 'Read the brief' : 'Start with this brief'}
      okButtonProps={{ disabled: incomplete }}
      confirmLoading={make.isPending}
      onOk={() => make.mutate()}
    >
      {projects.length > 0 && (
        <Segmented<'brief' | 'project'>
          className="way"
          value={way}
          onChange={(chosen) => {
            make.reset();
            setWay(chosen);
          }}
          options={[
            { value: 'brief', label: 'A new brief' },
            { value: 'project', label: 'The brief of another project' },
          ]}
        />
      )}
      {way === 'brief' ? (
        <SourceInput
          value={brief}
          onChange={setBrief}
          error={make.error}
          label="What the client wrote"
          placeholder="Paste the e-mail, the notes or the questionnaire just as it came."
          nameLabel="Project name"
          nameHint="Left empty, it takes the name found in the brief."
        />
      ) : (
        <Form layout="vertical">
          {make.error && <Alert type="error" title={said(make.error)} role="alert" />}
          <Form.Item
            label="Project"
            htmlFor="from"
            extra="Its sources and its fact sheet are copied; its plan is not. What you change here does not change it there."
          >
            <Select
              id="from"
              autoFocus
              showSearch={{ optionFilterProp: 'label' }}
              placeholder="Choose a project"
              value={other.from}
              options={projects.map((one) => ({ value: one.id, label: one.name }))}
              onChange={(from: string) =>
                setOther({
                  from,
                  name: other.name || `${projects.find((one) => one.id === from)?.name ?? ''}, again`,
                })
              }
            />
          </Form.Item>
          <Form.Item label="Name of the new project" htmlFor="name">
            <Input
              id="name"
              maxLength={120}
              value={other.name}
              onChange={(event) => setOther({ ...other, name: event.target.value })}
            />
          </Form.Item>
        </Form>
      )}
    </Modal>
  );
}
