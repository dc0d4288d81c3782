import { Button } from 'antd';
import { Link } from 'react-router-dom';

export function Trouble({ title, text, onRetry }: { title: string; text: string; onRetry?: () => void }) {
  return (
    <main className="trouble">
      <h1>{title}</h1>
      <p>{text}</p>
      <p>
        {onRetry && (
          <Button type="primary" onClick={onRetry}>
            Try again
          </Button>
        )}{' '}
        <Link to="/">All projects</Link>
      </p>
    </main>
  );
}
