import { useQuery } from '@tanstack/react-query';
import { Form, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { catalogueQuery } from '../project/catalogue';
import { useWorkbench } from '../project/context';

export function AddPage({ after, onClose }: { after: string | null; onClose: () => void }) {
  const { project, act } = useWorkbench();
  const catalogue = useQuery(catalogueQuery).data;
  const [title, setTitle] = useState('');
  const [kind, setKind] = useState<string | undefined>();
  const [about, setAbout] = useState('');
  const [parent, setParent] = useState('');
  const chosen = catalogue?.pageKinds.find((one) => one.id === kind);
  const add = () => {
    const name = title.trim() || chosen?.label;
    if (!name) return;
    const anchor = parent || after;
    const at = project.pages.findIndex((page) => page.id === anchor);
    act({
      type: 'add-page',
      title: name,
      parent: parent || null,
      ...(at === -1 ? {} : { index: at + 1 }),
      ...(kind ? { kind } : {}),
      ...(about.trim() ? { about: about.trim() } : {}),
    });
    onClose();
  };
  return (
    <Modal
      open
      title="Add a page"
      okText="Add"
      onOk={add}
      okButtonProps={{ disabled: !title.trim() && !chosen }}
      onCancel={onClose}
    >
      <Form layout="vertical">
        <Form.Item label="Title" htmlFor="page-title">
          <Input
            id="page-title"
            autoFocus
            value={title}
            maxLength={120}
            onChange={(event) => setTitle(event.target.value)}
            onPressEnter={add}
          />
        </Form.Item>
        <Form.Item label="What it is for, in one line" htmlFor="page-about">
          <Input
            id="page-about"
            value={about}
            maxLength={300}
            placeholder="Tells members when and where the next swim is"
            onChange={(event) => setAbout(event.target.value)}
            onPressEnter={add}
          />
        </Form.Item>
        <Form.Item
          label="Kind"
          htmlFor="page-kind"
          extra={
            chosen
              ? `${chosen.for}. ${chosen.belongs} ${chosen.way ?? ''}`
              : 'Left open, it follows from the title.'
          }
        >
          <Select
            id="page-kind"
            allowClear
            showSearch={{ optionFilterProp: 'label' }}
            placeholder="Follows from the title"
            value={kind}
            onChange={setKind}
            options={catalogue?.pageKinds.map((one) => ({ value: one.id, label: one.label })) ?? []}
          />
        </Form.Item>
        <Form.Item label="Below" htmlFor="page-parent">
          <Select
            id="page-parent"
            value={parent}
            onChange={setParent}
            options={[
              { value: '', label: 'no other page' },
              ...project.pages
                .filter((page) => page.slug !== '')
                .map((page) => ({ value: page.id, label: page.title })),
            ]}
          />
        </Form.Item>
      </Form>
    </Modal>
  );
}
