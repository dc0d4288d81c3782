import { Checkbox } from 'antd';
import type { Schemas } from '../api/client';

type Proposal = Schemas['Proposal'];

const EFFECTS: Record<Proposal['effect'], string> = {
  adds: 'New',
  changes: 'Changes what is known',
  contradicts: 'Says the opposite of what is known',
};

interface Props {
  proposals: Proposal[];
  accepted: string[];
  onAccept: (ids: string[]) => void;
  /** Said when there are none. */
  nothing?: string;
}

/** What a new source, or another project, would change, each acceptable alone. */
export function Proposals({
  proposals,
  accepted,
  onAccept,
  nothing = 'It says nothing that is not on the fact sheet already. It is kept as a source all the same.',
}: Props) {
  if (proposals.length === 0) return <p className="nothing">{nothing}</p>;
  return (
    <div className="proposals">
      {(Object.keys(EFFECTS) as Proposal['effect'][])
        .filter((effect) => proposals.some((one) => one.effect === effect))
        .map((effect) => (
          <section key={effect} aria-label={EFFECTS[effect]} className={effect}>
            <h3>{EFFECTS[effect]}</h3>
            <ul>
              {proposals
                .filter((one) => one.effect === effect)
                .map((one) => (
                  <li key={one.id}>
                    <Checkbox
                      checked={accepted.includes(one.id)}
                      onChange={(event) =>
                        onAccept(
                          event.target.checked
                            ? [...accepted, one.id]
                            : accepted.filter((id) => id !== one.id),
                        )
                      }
                    >
                      <span className="fact-label">{one.fact.label}</span> <b>{one.fact.shown}</b>
                      {one.instead.length > 0 && (
                        <span className="instead">
                          {' '}
                          instead of{' '}
                          {one.instead.map((fact) => (
                            <s key={fact.id}>
                              {fact.label}: {fact.shown}
                            </s>
                          ))}
                        </span>
                      )}
                    </Checkbox>
                    {one.quote && <q>{one.quote}</q>}
                    {one.rule && <span className="small quiet">{one.rule}</span>}
                    {one.fact.certainty <= 0.5 && (
                      <span className="small quiet">Concluded from a hint, not said plainly.</span>
                    )}
                  </li>
                ))}
            </ul>
          </section>
        ))}
    </div>
  );
}
