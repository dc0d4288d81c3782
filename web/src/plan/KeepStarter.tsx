import { useWorkbench } from '../project/context';
import { KeepNamed } from '../shared/KeepNamed';

/** Keeps the pages of this plan to begin others with. */
export function KeepStarter({ onClose }: { onClose: () => void }) {
  const { project } = useWorkbench();
  return (
    <KeepNamed
      title="Keep as a starter plan"
      label="Name of the starter plan"
      placeholder="Small shop"
      longest={80}
      kept="Kept. Another project can begin with it."
      into={async (defaults, name) => {
        const response = await fetch(`/api/projects/${project.id}/exports/opml`);
        const starter = { name, outline: await response.text() };
        return { ...defaults, starters: [...defaults.starters.filter((one) => one.name !== name), starter] };
      }}
      onClose={onClose}
    >
      Its pages, their hierarchy and what each is for are kept, not their words.
    </KeepNamed>
  );
}
