import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Input, Modal } from 'antd';
import { useState } from 'react';
import { api, said, type Section, unwrap } from '../api/client';
import { useWorkbench } from '../project/context';
import { defaultsQuery } from '../projects/defaults';

/** Keeps the layout of a section with all its settings, for other sections of its kind in any project. */
export function KeepLayout({ section, onClose }: { section: Section; onClose: () => void }) {
  const { project } = useWorkbench();
  const queries = useQueryClient();
  const { message } = App.useApp();
  const [name, setName] = useState('');
  const keep = useMutation({
    mutationFn: async () => {
      const defaults = await queries.query(defaultsQuery);
      const layouts = [
        ...defaults.layouts.filter((one) => one.name !== name.trim()),
        { name: name.trim(), layout: section.layout, look: section.look },
      ];
      return unwrap(api.PUT('/api/defaults', { body: { ...defaults, layouts } }));
    },
    onSuccess: (saved) => {
      queries.setQueryData(defaultsQuery.queryKey, saved);
      void queries.invalidateQueries({ queryKey: ['wireframe', project.id] });
      void message.success('Kept. It stands among the layouts of this kind from now on.');
      onClose();
    },
  });
  return (
    <Modal
      open
      title="Keep as a layout of your own"
      okText="Keep"
      okButtonProps={{ disabled: name.trim() === '', loading: keep.isPending }}
      onOk={() => keep.mutate()}
      onCancel={onClose}
    >
      {keep.error && <Alert type="error" title={said(keep.error)} role="alert" />}
      <p>The layout is kept with what you settled: order, sides, columns, what shows, height, alignment.</p>
      <Input
        autoFocus
        aria-label="Name of the layout"
        placeholder="Quiet opening"
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.target.value)}
        onPressEnter={() => name.trim() && keep.mutate()}
      />
    </Modal>
  );
}
