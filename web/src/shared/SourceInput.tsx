import { Alert, Form, Input, Upload } from 'antd';
import { said } from '../api/client';
import { READABLE, READABLE_IN_WORDS } from '../api/files';

/** What came from a client: a text or a file. */
export interface Incoming {
  text: string;
  file: File | null;
  /** Empty: the name of the file, or what the reader makes of it. */
  name: string;
}

interface Props {
  value: Incoming;
  onChange: (value: Incoming) => void;
  error: unknown;
  label: string;
  placeholder: string;
  nameLabel: string;
  nameHint: string;
}

export const isEmpty = ({ file, text }: Incoming): boolean => !file && text.trim() === '';

/** Takes a text or a file from the client, and a name. */
export function SourceInput({ value, onChange, error, label, placeholder, nameLabel, nameHint }: Props) {
  const { text, file, name } = value;
  return (
    <Form layout="vertical">
      {error !== null && <Alert type="error" title={said(error)} role="alert" />}
      <Form.Item label={label} htmlFor="incoming-text">
        <Input.TextArea
          id="incoming-text"
          autoFocus
          rows={10}
          value={file ? '' : text}
          disabled={file !== null}
          placeholder={placeholder}
          onChange={(event) => onChange({ ...value, text: event.target.value })}
        />
      </Form.Item>
      <Upload.Dragger
        className="drop"
        accept={READABLE}
        maxCount={1}
        fileList={file ? [{ uid: '1', name: file.name, status: 'done' }] : []}
        beforeUpload={(dropped) => {
          onChange({ ...value, file: dropped });
          return false;
        }}
        onRemove={() => onChange({ ...value, file: null })}
      >
        Or drop a file here: {READABLE_IN_WORDS}
      </Upload.Dragger>
      <Form.Item label={nameLabel} htmlFor="incoming-name" extra={nameHint}>
        <Input
          id="incoming-name"
          value={name}
          maxLength={120}
          onChange={(event) => onChange({ ...value, name: event.target.value })}
        />
      </Form.Item>
    </Form>
  );
}
