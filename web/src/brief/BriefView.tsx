import { useQuery } from '@tanstack/react-query';
import { Button, Tabs } from 'antd';
import { useState } from 'react';
import { useLocation, useNavigate, useSearchParams } from 'react-router-dom';
import { useWorkbench } from '../project/context';
import { catalogueQuery } from '../project/catalogue';
import { AddSource } from './AddSource';
import { FactSheet, SelectedWords } from './FactSheet';
import { Questions } from './Questions';
import { SourceText } from './SourceText';
import { TakeOver } from './TakeOver';

export function BriefView() {
  const { project, act } = useWorkbench();
  const catalogue = useQuery(catalogueQuery).data;
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const given = (useLocation().state as { source?: { title: string; text: string } } | null)?.source;
  const [adding, setAdding] = useState(given !== undefined);
  const [taking, setTaking] = useState(false);
  const [pointed, setPointed] = useState<string | null>(search.get('fact'));
  const [selected, setSelected] = useState<{ text: string; start: number; length: number } | null>(null);
  const [shownSource, setShownSource] = useState(project.brief.sources[0]?.id ?? '');
  const source = project.brief.sources.find((one) => one.id === shownSource);
  return (
    <main className="brief">
      <div className="brief-source">
        <div className="brief-tabs">
          <Tabs
            activeKey={shownSource}
            onChange={setShownSource}
            items={project.brief.sources.map((one) => ({ key: one.id, label: one.title }))}
          />
          <Button size="small" className="add-source" onClick={() => setAdding(true)}>
            Add a source
          </Button>
          <Button size="small" className="add-source" onClick={() => setTaking(true)}>
            Take over facts
          </Button>
          {project.pages.length === 0 && (
            <Button
              type="primary"
              onClick={() => {
                act({ type: 'plan' });
                void navigate(`/projects/${project.id}/plan`);
              }}
            >
              Plan the site
            </Button>
          )}
        </div>
        {source ? (
          <SourceText
            source={source}
            facts={project.brief.facts}
            pointed={pointed}
            onPoint={setPointed}
            onSelect={setSelected}
          />
        ) : (
          <p className="source quiet">This project came without a brief. Add what you know on the right.</p>
        )}
        {source && (
          <p className="small quiet legend">
            <i className="read" /> read <i className="refused" /> refused <i className="parked" /> parked
          </p>
        )}
        {selected && source && catalogue && (
          <SelectedWords
            key={selected.start}
            words={selected.text}
            catalogue={catalogue}
            onCancel={() => setSelected(null)}
            onAdd={(kind, value) => {
              act({
                type: 'add-fact',
                kind,
                value,
                quote: { source: source.id, start: selected.start, length: selected.length },
              });
              setSelected(null);
            }}
          />
        )}
      </div>
      {adding && (
        <AddSource
          given={given}
          onClose={() => {
            setAdding(false);
            if (given) void navigate('.', { replace: true, state: null });
          }}
          onAdded={() => {
            setAdding(false);
            void navigate('.', { replace: true, state: null });
          }}
        />
      )}
      {taking && <TakeOver onClose={() => setTaking(false)} />}
      <FactSheet catalogue={catalogue} pointed={pointed} onPoint={setPointed} />
      <Questions catalogue={catalogue} />
    </main>
  );
}
