/** A list of what can be done, each with its key. */
export function Do({ actions }: { actions: { does: string; key: string; run: () => void }[] }) {
  return (
    <ul className="do-list">
      {actions.map(({ does, key, run }) => (
        <li key={does}>
          <button className="plain" onClick={run}>
            <span>{does}</span> {key && <kbd>{key}</kbd>}
          </button>
        </li>
      ))}
    </ul>
  );
}
