// Measures one change through the API on a plan of about 50 pages, with 8 clients at once. Prints figures, asserts nothing.
import { at, call, plannedProject, signIn } from './bench-project.mjs';

const CLIENTS = 8;
const CHANGES = 25;

const cookie = await signIn();
const projects = [];
for (let i = 0; i < CLIENTS; i++) {
  const { id, revision, pages } = await plannedProject(cookie, `Bench ${i}`);
  projects.push({ id, revision, page: pages[0], pages: pages.length });
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
const measured = {};
for (const [what, work] of Object.entries({
  'Words sketched': (i) =>
    call(
      'POST',
      `/api/projects/${projects[0].id}/sections/${projects[0].page.sections[1].id}/sketch`,
      cookie,
      {
        slot: 'heading',
        item: null,
        text: `Words ${i}`,
        width: 'desktop',
      },
    ),
  'Layouts of a section': () =>
    call(
      'GET',
      `/api/projects/${projects[0].id}/sections/${projects[0].page.sections[1].id}/wireframe`,
      cookie,
    ),
})) {
  measured[what] = [];
  for (let i = 0; i < 20; i++) {
    const start = performance.now();
    await (await work(i)).text();
    measured[what].push(performance.now() - start);
  }
}
for (const { id } of projects) await call('DELETE', `/api/projects/${id}`, cookie);

console.log(
  `One change through the API, ${projects[0].pages} pages, ${CLIENTS} clients at once: median ${at(times, 0.5)} ms, 95th percentile ${at(times, 0.95)} ms`,
);
console.log(`Opening that project, one client: median ${at(opened, 0.5)} ms`);
for (const [what, taken] of Object.entries(measured))
  console.log(`${what}, one client: median ${at(taken, 0.5)} ms, 95th percentile ${at(taken, 0.95)} ms`);
