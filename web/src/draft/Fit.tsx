import type { Schemas } from '../api/client';

type Wireframe = Schemas['SectionWireframe'];

/** How the texts of a section sit in their slots at each width; those that do not fit come first. */
export function Fit({ wireframe }: { wireframe: Wireframe }) {
  const fits = [...wireframe.fit].sort((a, b) => Number(over(b)) - Number(over(a)));
  const label = (slot: string) => wireframe.slots.find((one) => one.slot === slot)?.label ?? slot;
  if (fits.length === 0) return null;
  return (
    <>
      <h3>Fit</h3>
      <table className="fit">
        <thead>
          <tr>
            <th scope="col">Lines on</th>
            <th scope="col">desktop</th>
            <th scope="col">tablet</th>
            <th scope="col">phone</th>
            <th scope="col">room</th>
          </tr>
        </thead>
        <tbody>
          {fits.map((fit) => (
            <tr key={`${fit.slot}/${fit.item ?? ''}`} className={over(fit) ? 'over' : ''}>
              <th scope="row">
                {label(fit.slot)}
                {fit.item === null ? '' : ` ${fit.item + 1}`}
              </th>
              {(['desktop', 'tablet', 'phone'] as const).map((width) => {
                const text = fit.widths[width];
                return (
                  <td key={width} title={text ? `${text.lines} of ${text.holds} lines` : 'not shown'}>
                    {text ? (
                      text.overflows ? (
                        <b>
                          {text.lines}
                          <span className="visually-hidden"> too many, {text.holds} are good</span>
                        </b>
                      ) : (
                        text.lines
                      )
                    ) : (
                      '–'
                    )}
                  </td>
                );
              })}
              <td>{Math.min(...Object.values(fit.widths).map((text) => text.room))}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {wireframe.uneven.map((uneven) => (
        <p key={uneven.slot} className="small">
          {label(uneven.slot)} {uneven.item + 1} takes {uneven.lines} lines, its neighbours {uneven.others}.{' '}
          {uneven.lines > uneven.others ? 'Shorten it' : 'Say more'}, and the row lines up.
        </p>
      ))}
    </>
  );
}

const over = (fit: Wireframe['fit'][number]): boolean =>
  Object.values(fit.widths).some((text) => text.overflows);
