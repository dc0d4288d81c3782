import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Input, Modal } from 'antd';
import { type ReactNode, useState } from 'react';
import { api, said, type Schemas, unwrap } from '../api/client';
import { defaultsQuery } from '../projects/defaults';

type Defaults = Schemas['Defaults'];

interface Props {
  title: string;
  label: string;
  placeholder: string;
  longest: number;
  /** What is said when it is kept. */
  kept: string;
  children: ReactNode;
  /** The designer's defaults with this in them, under a name. */
  into: (defaults: Defaults, name: string) => Promise<Defaults>;
  onClose: () => void;
}

/** Keeps something under a name among the designer's defaults. */
export function KeepNamed({ title, label, placeholder, longest, kept, children, into, onClose }: Props) {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const [name, setName] = useState('');
  const keep = useMutation({
    mutationFn: async () =>
      unwrap(api.PUT('/api/defaults', { body: await into(await queries.query(defaultsQuery), name.trim()) })),
    onSuccess: (saved) => {
      queries.setQueryData(defaultsQuery.queryKey, saved);
      void queries.invalidateQueries({ queryKey: ['wireframe'] });
      void message.success(kept);
      onClose();
    },
  });
  return (
    <Modal
      open
      title={title}
      okText="Keep"
      okButtonProps={{ disabled: name.trim() === '', loading: keep.isPending }}
      onOk={() => keep.mutate()}
      onCancel={onClose}
    >
      {keep.error && <Alert type="error" title={said(keep.error)} role="alert" />}
      <p>{children}</p>
      <Input
        autoFocus
        aria-label={label}
        placeholder={placeholder}
        maxLength={longest}
        value={name}
        onChange={(event) => setName(event.target.value)}
        onPressEnter={() => name.trim() && keep.mutate()}
      />
    </Modal>
  );
}
