import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Form, Input, Modal, Upload } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';
import { api, said, unwrap } from '../api/client';
import { READABLE, READABLE_IN_WORDS, toBase64 } from '../api/files';

export function NewProject({ onClose }: { onClose: () => void }) {
  const [brief, setBrief] = useState('');
  const [file, setFile] = useState<File | null>(null);
  const [name, setName] = useState('');
  const navigate = useNavigate();
  const queries = useQueryClient();
  const make = useMutation({
    mutationFn: async () =>
      unwrap(
        api.POST('/api/projects', {
          body: {
            name,
            title: file?.name ?? 'Brief',
            ...(file ? { file: await toBase64(file) } : { brief }),
          },
        }),
      ),
    onSuccess: ({ id }) => {
      void queries.invalidateQueries({ queryKey: ['projects'] });
      void navigate(`/projects/${id}/brief`);
    },
  });
  return (
    <Modal
      open
      width={720}
      title="New project"
      onCancel={onClose}
      footer={[
        <Button key="no" onClick={onClose}>
          Cancel
        </Button>,
        <Button
          key="yes"
          type="primary"
          loading={make.isPending}
          disabled={!file && brief.trim() === ''}
          onClick={() => make.mutate()}
        >
          Read the brief
        </Button>,
      ]}
    >
      <Form layout="vertical">
        {make.error && <Alert type="error" title={said(make.error)} role="alert" />}
        <Form.Item label="What the client wrote" htmlFor="brief">
          <Input.TextArea
            id="brief"
            autoFocus
            rows={11}
            value={file ? '' : brief}
            disabled={file !== null}
            placeholder="Paste the e-mail, the notes or the questionnaire just as it came."
            onChange={(event) => setBrief(event.target.value)}
          />
        </Form.Item>
        <Upload.Dragger
          className="drop"
          accept={READABLE}
          maxCount={1}
          fileList={file ? [{ uid: '1', name: file.name, status: 'done' }] : []}
          beforeUpload={(dropped) => {
            setFile(dropped);
            return false;
          }}
          onRemove={() => setFile(null)}
        >
          Or drop a file here: {READABLE_IN_WORDS}
        </Upload.Dragger>
        <Form.Item
          label="Project name"
          htmlFor="name"
          extra="Left empty, it takes the name found in the brief."
        >
          <Input id="name" value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
        </Form.Item>
      </Form>
    </Modal>
  );
}
