import '../fonts.css';
import { api, said, unwrap } from '../api/client';

/** Shows one page of a project as it would be built, at /preview/PROJECT/PAGE, and one section of it alone with ?section=. */
async function show(): Promise<void> {
  const [, , project = '', page = ''] = window.location.pathname.split('/');
  const section = new URLSearchParams(window.location.search).get('section');
  const written = await unwrap(
    api.GET('/api/projects/{project}/pages/{page}/html', {
      params: { path: { project, page }, query: section ? { section } : {} },
    }),
  );
  document.title = written.title;
  const style = document.createElement('style');
  style.textContent = written.css;
  document.head.append(style);
  document.body.innerHTML = written.body;
  for (const sign of document.querySelectorAll<HTMLButtonElement>('[data-menu]'))
    sign.addEventListener('click', () => {
      const menu = sign.nextElementSibling;
      const open = sign.getAttribute('aria-expanded') !== 'true';
      sign.setAttribute('aria-expanded', String(open));
      if (menu instanceof HTMLElement) menu.style.display = open ? 'grid' : '';
    });
  for (const form of document.forms) form.addEventListener('submit', (event) => event.preventDefault());
}

show().catch((error: unknown) => {
  document.body.textContent = said(error);
});
