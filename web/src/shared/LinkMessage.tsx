import { useQuery } from '@tanstack/react-query';
import { App, Button, Input } from 'antd';
import { defaultsQuery } from '../projects/defaults';

interface Props {
  /** What to know about the link. */
  children: React.ReactNode;
  address: string;
  /** What the client is asked to do, as a message; the link and the designer's signature follow it. */
  message: string;
}

/** A new link for the client, and a message to send it with. */
export function LinkMessage({ children, address, message }: Props) {
  const { message: notice } = App.useApp();
  const signature = useQuery(defaultsQuery).data?.signature ?? '';
  const whole = [message, address, signature].filter(Boolean).join('\n\n');
  const copy = (text: string) =>
    void navigator.clipboard.writeText(text).then(() => notice.success('Copied'));
  return (
    <div className="link-box" role="status">
      <b>{children}</b>
      <Input
        readOnly
        aria-label="Link for the client"
        value={address}
        onFocus={(event) => event.target.select()}
      />
      <Button size="small" onClick={() => copy(address)}>
        Copy
      </Button>
      <details>
        <summary>A message to send it with</summary>
        <Input.TextArea readOnly aria-label="Message for the client" rows={7} value={whole} />
        <Button size="small" onClick={() => copy(whole)}>
          Copy the message
        </Button>
      </details>
    </div>
  );
}
