import { useQuery } from '@tanstack/react-query';
import { Alert, Modal, Select } from 'antd';
import { useState } from 'react';
import { api, said, unwrap } from '../api/client';
import { useWorkbench } from '../project/context';
import { Proposals } from './Proposals';

/** Facts that another project knows already; those of the same client come first. */
export function TakeOver({ onClose }: { onClose: () => void }) {
  const { project, takeOver } = useWorkbench();
  const others = useQuery({
    queryKey: ['elsewhere', project.id],
    queryFn: () =>
      unwrap(api.GET('/api/projects/{project}/elsewhere', { params: { path: { project: project.id } } })),
  });
  const [chosen, setChosen] = useState<string | null>(null);
  const [accepted, setAccepted] = useState<string[] | null>(null);
  const other = chosen ?? others.data?.find((one) => one.sameClient)?.id ?? null;
  const proposals = useQuery({
    queryKey: ['elsewhere', project.id, other, project.revision],
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{project}/elsewhere/{other}', {
          params: { path: { project: project.id, other: other ?? '' } },
        }),
      ),
    enabled: other !== null,
  });
  const ticked =
    accepted ?? proposals.data?.filter((one) => one.effect === 'adds').map((one) => one.id) ?? [];
  const trouble = others.error ?? proposals.error;
  return (
    <Modal
      open
      width={760}
      title="Take over from another project"
      onCancel={onClose}
      okText={ticked.length === 1 ? 'Take over 1 fact' : `Take over ${ticked.length} facts`}
      okButtonProps={{ disabled: ticked.length === 0 || other === null }}
      onOk={() => {
        if (other) takeOver({ other, accept: ticked });
        onClose();
      }}
    >
      {trouble && <Alert type="error" title={said(trouble)} role="alert" />}
      {others.data?.length === 0 ? (
        <p className="nothing">No other project knows anything about a business yet.</p>
      ) : (
        <Select
          className="other-project"
          aria-label="Project"
          placeholder="Choose a project"
          loading={others.isPending}
          showSearch={{ optionFilterProp: 'label' }}
          value={other}
          onChange={(id: string) => {
            setAccepted(null);
            setChosen(id);
          }}
          options={(others.data ?? []).map((one) => ({
            value: one.id,
            label: `${one.name}${one.sameClient ? ', the same client' : ''} (${one.facts} facts)`,
          }))}
        />
      )}
      {proposals.data && (
        <Proposals
          proposals={proposals.data}
          accepted={ticked}
          onAccept={setAccepted}
          nothing="It knows nothing that is not on this fact sheet already."
        />
      )}
    </Modal>
  );
}
