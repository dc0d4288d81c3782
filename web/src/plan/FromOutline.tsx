import { useQuery } from '@tanstack/react-query';
import { Form, Input, Modal, Select, Upload } from 'antd';
import { useState } from 'react';
import { useWorkbench } from '../project/context';
import { defaultsQuery } from '../projects/defaults';

/** A plan from an outline that exists already: pasted, or an OPML file. */
export function FromOutline({ onClose }: { onClose: () => void }) {
  const { project, act } = useWorkbench();
  const [outline, setOutline] = useState('');
  const starters = useQuery(defaultsQuery).data?.starters ?? [];
  return (
    <Modal
      open
      width={620}
      title="Plan from an outline"
      okText={project.pages.length ? 'Plan it in place of this plan' : 'Plan it'}
      okButtonProps={{ disabled: outline.trim() === '' }}
      onCancel={onClose}
      onOk={() => {
        act({ type: 'plan-outline', outline });
        onClose();
      }}
    >
      <Form layout="vertical">
        {starters.length > 0 && (
          <Form.Item label="Begin with a starter plan" htmlFor="starter">
            <Select
              id="starter"
              placeholder="Choose one of yours"
              options={starters.map((one) => ({ value: one.outline, label: one.name }))}
              onChange={(chosen: string) => setOutline(chosen)}
            />
          </Form.Item>
        )}
        <Form.Item
          label="One page to a line"
          htmlFor="outline"
          extra="Indent what stands below another page. After a colon, say what a page is for. Sections and words are planned from the brief."
        >
          <Input.TextArea
            id="outline"
            autoFocus
            rows={12}
            className="mono"
            value={outline}
            placeholder={'Home\nSwimming\n  Lessons: when, where and what they cost\n  Sauna\nContact'}
            onChange={(event) => setOutline(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Tab' || event.shiftKey) return;
              event.preventDefault();
              const { selectionStart, selectionEnd, value } = event.currentTarget;
              setOutline(`${value.slice(0, selectionStart)}  ${value.slice(selectionEnd)}`);
            }}
          />
        </Form.Item>
        <Upload.Dragger
          accept=".opml,.xml,.txt,.md"
          showUploadList={false}
          beforeUpload={(file) => {
            void file.text().then(setOutline);
            return false;
          }}
        >
          Or drop an outline here: OPML or text
        </Upload.Dragger>
      </Form>
    </Modal>
  );
}
