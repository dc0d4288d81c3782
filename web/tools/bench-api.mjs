// Measures one change through the API on a plan of about 50 pages, with 8 clients at once. Prints figures, asserts nothing.
const address = process.env.DUNE_ADDRESS ?? 'http://127.0.0.1:8080';
const CLIENTS = 8;
const CHANGES = 25;

async function call(method, path, cookie, body) {
  const response = await fetch(address + path, {
    method,
    headers: { 'Content-Type': 'application/json', ...(cookie ? { Cookie: cookie } : {}) },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
  return response;
}

const signIn = await call('POST', '/api/sign-in', null, {
  email: 'demo@dunepocket.example',
  password: 'low tide at nine',
});
const cookie = signIn.headers
  .getSetCookie()
  .map((one) => one.split(';')[0])
  .join('; ');
const classes = Array.from(
  { length: 45 },
  (_, i) =>
    `- Class ${String.fromCharCode(65 + (i % 26))}${i} (an hour by the water with somebody who knows it)`,
).join('\n');
const brief = `# Marram Boatyard\nMarram Boatyard is a sailing club. Each class needs its own page.\n\n## Services\n${classes}\n\n## Pages\n- Home\n- About\n- Contact\n`;

const projects = [];
for (let i = 0; i < CLIENTS; i++) {
  const { id } = await (await call('POST', '/api/projects', cookie, { brief, name: `Bench ${i}` })).json();
  const planned = await (
    await call('POST', `/api/projects/${id}/changes`, cookie, { revision: 0, action: { type: 'plan' } })
  ).json();
  projects.push({ id, revision: planned.revision, page: planned.pages[0], pages: planned.pages.length });
}

const times = [];
await Promise.all(
  projects.map(async (project) => {
    const section = project.page.sections[1].id;
    for (let i = 0; i < CHANGES; i++) {
      const start = performance.now();
      const changed = await (
        await call('POST', `/api/projects/${project.id}/changes`, cookie, {
          revision: project.revision,
          action: { type: 'edit-text', section, slot: 'heading', item: null, text: `Heading ${i}` },
        })
      ).json();
      times.push(performance.now() - start);
      project.revision = changed.revision;
    }
  }),
);
const opened = [];
for (let i = 0; i < 5; i++) {
  const start = performance.now();
  await (await call('GET', `/api/projects/${projects[0].id}`, cookie)).text();
  opened.push(performance.now() - start);
}
for (const { id } of projects) await call('DELETE', `/api/projects/${id}`, cookie);

const at = (list, share) =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))].toFixed(0);
console.log(
  `One change through the API, ${projects[0].pages} pages, ${CLIENTS} clients at once: median ${at(times, 0.5)} ms, 95th percentile ${at(times, 0.95)} ms`,
);
console.log(`Opening that project, one client: median ${at(opened, 0.5)} ms`);
