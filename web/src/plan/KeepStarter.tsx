import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Input, Modal } from 'antd';
import { useState } from 'react';
import { api, said, unwrap } from '../api/client';
import { useWorkbench } from '../project/context';
import { defaultsQuery } from '../projects/defaults';

/** Keeps the pages of this plan to begin others with. */
export function KeepStarter({ onClose }: { onClose: () => void }) {
  const { project } = useWorkbench();
  const queries = useQueryClient();
  const { message } = App.useApp();
  const [name, setName] = useState('');
  const keep = useMutation({
    mutationFn: async () => {
      const defaults = await queries.query(defaultsQuery);
      const response = await fetch(`/api/projects/${project.id}/exports/opml`);
      const starters = [
        ...defaults.starters.filter((one) => one.name !== name.trim()),
        { name: name.trim(), outline: await response.text() },
      ];
      return unwrap(api.PUT('/api/defaults', { body: { ...defaults, starters } }));
    },
    onSuccess: (saved) => {
      queries.setQueryData(defaultsQuery.queryKey, saved);
      void message.success('Kept. Another project can begin with it.');
      onClose();
    },
  });
  return (
    <Modal
      open
      title="Keep as a starter plan"
      okText="Keep"
      okButtonProps={{ disabled: name.trim() === '', loading: keep.isPending }}
      onOk={() => keep.mutate()}
      onCancel={onClose}
    >
      {keep.error && <Alert type="error" title={said(keep.error)} role="alert" />}
      <p>Its pages, their hierarchy and what each is for are kept, not their words.</p>
      <Input
        autoFocus
        aria-label="Name of the starter plan"
        placeholder="Small shop"
        maxLength={80}
        value={name}
        onChange={(event) => setName(event.target.value)}
        onPressEnter={() => name.trim() && keep.mutate()}
      />
    </Modal>
  );
}
