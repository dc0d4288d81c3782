import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';
import { api, unwrap } from '../api/client';
import { type Incoming, isEmpty, SourceInput } from '../shared/SourceInput';
import { toBase64 } from '../api/files';

export function NewProject({ onClose }: { onClose: () => void }) {
  const [brief, setBrief] = useState<Incoming>({ text: '', file: null, name: '' });
  const navigate = useNavigate();
  const queries = useQueryClient();
  const make = useMutation({
    mutationFn: async ({ text, file, name }: Incoming) =>
      unwrap(
        api.POST('/api/projects', {
          body: {
            name,
            title: file?.name ?? 'Brief',
            ...(file ? { file: await toBase64(file) } : { brief: text }),
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
          disabled={isEmpty(brief)}
          onClick={() => make.mutate(brief)}
        >
          Read the brief
        </Button>,
      ]}
    >
      <SourceInput
        value={brief}
        onChange={setBrief}
        error={make.error}
        label="What the client wrote"
        placeholder="Paste the e-mail, the notes or the questionnaire just as it came."
        nameLabel="Project name"
        nameHint="Left empty, it takes the name found in the brief."
      />
    </Modal>
  );
}
