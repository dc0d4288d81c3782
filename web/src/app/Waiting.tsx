import { Spin } from 'antd';

export function Waiting() {
  return (
    <div className="waiting" role="status" aria-label="Loading">
      <Spin />
    </div>
  );
}
