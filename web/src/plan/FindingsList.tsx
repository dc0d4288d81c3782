import { Button, Input } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useWorkbench } from '../project/context';

type Finding = Schemas['Finding'];

/** What wants attention, why it matters, and what mends it; what was waved through comes last. */
export function FindingsList({ findings, onShow }: { findings: Finding[]; onShow: (id: string) => void }) {
  const { act } = useWorkbench();
  const [waving, setWaving] = useState<string | null>(null);
  if (findings.length === 0) return <p>Nothing wants attention.</p>;
  return (
    <ul className="findings">
      {findings.map((finding) => (
        <li key={finding.key} className={finding.remark === null ? '' : 'waved'}>
          <p>
            <span className={`level ${finding.level}`}>{finding.level}</span> {finding.text}
          </p>
          <p className="small quiet">{finding.why}</p>
          {waving === finding.key ? (
            <Input
              size="small"
              autoFocus
              aria-label="Why it may stay"
              placeholder="Why it may stay, in a few words"
              maxLength={120}
              onPressEnter={(event) => {
                const remark = event.currentTarget.value.trim();
                if (remark) act({ type: 'wave-finding', key: finding.key, remark });
                setWaving(null);
              }}
              onBlur={() => setWaving(null)}
            />
          ) : (
            <p className="do">
              {finding.mend && finding.remark === null && (
                <Button size="small" type="primary" onClick={() => finding.mend && act(finding.mend.action)}>
                  {finding.mend.label}
                </Button>
              )}
              {finding.where.length > 0 && (
                <Button size="small" onClick={() => onShow(finding.where[finding.where.length - 1] ?? '')}>
                  Show
                </Button>
              )}
              {finding.remark === null ? (
                <Button size="small" onClick={() => setWaving(finding.key)}>
                  Wave through
                </Button>
              ) : (
                <>
                  <span className="small">Waved through: {finding.remark}</span>
                  <Button
                    size="small"
                    onClick={() => act({ type: 'wave-finding', key: finding.key, remark: null })}
                  >
                    Count it again
                  </Button>
                </>
              )}
            </p>
          )}
        </li>
      ))}
    </ul>
  );
}
