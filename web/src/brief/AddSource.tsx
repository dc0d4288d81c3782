import { useMutation } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { api, type Schemas, unwrap } from '../api/client';
import { toBase64 } from '../api/files';
import { useWorkbench } from '../project/context';
import { type Incoming, isEmpty, SourceInput } from '../shared/SourceInput';
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
  const [incoming, setIncoming] = useState<Incoming>({
    text: given?.text ?? '',
    file: null,
    name: given?.title ?? '',
  });
  const [accepted, setAccepted] = useState<string[]>([]);
  const read = useMutation({
    mutationFn: async ({ text, file, name }: Incoming): Promise<Preview> =>
      unwrap(
        api.POST('/api/projects/{project}/sources', {
          params: { path: { project: project.id } },
          body: {
            title: name.trim() || (file?.name ?? 'More from the client'),
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
                disabled={isEmpty(incoming)}
                onClick={() => read.mutate(incoming)}
              >
                See what it changes
              </Button>,
            ]
      }
    >
      {preview ? (
        <Proposals proposals={preview.proposals} accepted={accepted} onAccept={setAccepted} />
      ) : (
        <SourceInput
          value={incoming}
          onChange={setIncoming}
          error={read.error}
          label="What came in"
          placeholder="Paste the next e-mail, or the notes of a call."
          nameLabel="Call it"
          nameHint="Left empty, it takes the file’s name."
        />
      )}
    </Modal>
  );
}

/** Accepted beforehand: what is new and said plainly. Changes and contradictions wait for a decision. */
const wanted = (preview: Preview): string[] =>
  preview.proposals.filter((one) => one.effect === 'adds' && one.fact.certainty > 0.5).map((one) => one.id);
