import { useMutation } from '@tanstack/react-query';
import { Alert, Button, Form, Input, Modal, Upload } from 'antd';
import { useState } from 'react';
import { api, said, type Schemas, unwrap } from '../api/client';
import { READABLE, READABLE_IN_WORDS, toBase64 } from '../api/files';
import { useWorkbench } from '../project/context';
import { Proposals } from './Proposals';

type Preview = Schemas['SourcePreview'];

interface Props {
  /** A text to read at once, such as the notes of an interview. */
  given?: { title: string; text: string } | undefined;
  onClose: () => void;
  onAdded: () => void;
}

/** One more source: first what it would change, then what the designer accepts of it. */
export function AddSource({ given, onClose, onAdded }: Props) {
  const { project, act } = useWorkbench();
  const [title, setTitle] = useState(given?.title ?? '');
  const [text, setText] = useState(given?.text ?? '');
  const [file, setFile] = useState<File | null>(null);
  const [accepted, setAccepted] = useState<string[]>([]);
  const read = useMutation({
    mutationFn: async (): Promise<Preview> =>
      unwrap(
        api.POST('/api/projects/{project}/sources', {
          params: { path: { project: project.id } },
          body: {
            title: title.trim() || (file?.name ?? 'More from the client'),
            ...(file ? { file: await toBase64(file) } : { text }),
          },
        }),
      ),
    onSuccess: (preview) => setAccepted(wanted(preview)),
  });
  const preview = read.data;
  const add = () => {
    if (!preview) return;
    act({
      type: 'add-source',
      title: preview.title,
      kind: preview.kind,
      text: preview.text,
      accept: accepted,
    });
    onAdded();
  };
  return (
    <Modal
      open
      width={760}
      title={preview ? `What “${preview.title}” changes` : 'Add a source'}
      onCancel={onClose}
      footer={
        preview
          ? [
              <Button key="back" onClick={() => read.reset()}>
                Back
              </Button>,
              <Button key="yes" type="primary" autoFocus onClick={add}>
                {accepted.length
                  ? `Add it and accept ${accepted.length} of ${preview.proposals.length}`
                  : 'Add it, accept nothing'}
              </Button>,
            ]
          : [
              <Button key="no" onClick={onClose}>
                Cancel
              </Button>,
              <Button
                key="yes"
                type="primary"
                loading={read.isPending}
                disabled={!file && text.trim() === ''}
                onClick={() => read.mutate()}
              >
                See what it changes
              </Button>,
            ]
      }
    >
      {preview ? (
        <Proposals proposals={preview.proposals} accepted={accepted} onAccept={setAccepted} />
      ) : (
        <Form layout="vertical">
          {read.error && <Alert type="error" title={said(read.error)} role="alert" />}
          <Form.Item label="What came in" htmlFor="source-text">
            <Input.TextArea
              id="source-text"
              autoFocus
              rows={10}
              value={file ? '' : text}
              disabled={file !== null}
              placeholder="Paste the next e-mail, or the notes of a call."
              onChange={(event) => setText(event.target.value)}
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
          <Form.Item label="Call it" htmlFor="source-title" extra="Left empty, it takes the file’s name.">
            <Input
              id="source-title"
              value={title}
              maxLength={120}
              onChange={(event) => setTitle(event.target.value)}
            />
          </Form.Item>
        </Form>
      )}
    </Modal>
  );
}

/** Accepted beforehand: what is new and said plainly. Changes and contradictions wait for a decision. */
const wanted = (preview: Preview): string[] =>
  preview.proposals.filter((one) => one.effect === 'adds' && one.fact.certainty > 0.5).map((one) => one.id);
