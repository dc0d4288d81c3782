// What the measurements of the API and of the browser share: signing in and a project of about 50 pages.
export const address = process.env.DUNE_ADDRESS ?? 'http://127.0.0.1:8080';
export const account = { email: 'demo@dunepocket.example', password: 'low tide at nine' };

const classes = Array.from(
  { length: 45 },
  (_, i) =>
    `- Class ${String.fromCharCode(65 + (i % 26))}${i} (an hour by the water with somebody who knows it)`,
).join('\n');
const brief = `# Marram Boatyard\nMarram Boatyard is a sailing club. Each class needs its own page.\n\n## Services\n${classes}\n\n## Pages\n- Home\n- About\n- Contact\n`;

export async function call(method, path, cookie, body) {
  const response = await fetch(address + path, {
    method,
    headers: { 'Content-Type': 'application/json', ...(cookie ? { Cookie: cookie } : {}) },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
  return response;
}

export async function signIn() {
  const answer = await call('POST', '/api/sign-in', null, account);
  return answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
}

/** A planned project: its id, revision and pages as the API gives them. */
export async function plannedProject(cookie, name) {
  const { id } = await (await call('POST', '/api/projects', cookie, { brief, name })).json();
  const planned = await (
    await call('POST', `/api/projects/${id}/changes`, cookie, { revision: 0, action: { type: 'plan' } })
  ).json();
  return { id, revision: planned.revision, pages: planned.pages };
}

/** The value below which the share of the list lies. */
export function at(list, share) {
  const sorted = [...list].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))].toFixed(0);
}
