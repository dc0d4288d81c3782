import { expect, test } from '@playwright/test';
import { accessible, newProject, plan, register, saved, sections, strip } from './hands';

test('nothing is typed twice: defaults, facts of another project, own questions', async ({ page }) => {
  await register(page);
  await page.getByRole('link', { name: 'Your defaults' }).click();
  await accessible(page);
  await page.getByRole('button', { name: 'Add a section' }).click();
  await page.getByLabel('Name of section 1').fill('Promise band');
  await page.getByLabel('Purpose of section 1').fill('Says what a guest can hold them to.');
  await page.getByLabel('Section 1 is built like').fill('Reasons');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add a recipe' }).click();
  await page.getByLabel('Page of recipe 1').fill('Evening trips');
  await page.getByLabel('Sections of recipe 1').fill('Opening');
  await page.keyboard.press('Enter');
  await page.getByLabel('Sections of recipe 1').fill('Promise');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.getByLabel('Pages every site gets').fill('Accessibility');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.getByLabel('Words you never use').fill('solutions');
  await page.keyboard.press('Enter');
  await page.getByLabel('Signature').fill('Best wishes, Ines');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('New projects start with this')).toBeVisible();

  await page.getByRole('link', { name: 'All projects' }).click();
  await newProject(page);
  await expect(page.getByText('From your defaults')).toHaveCount(2);
  await plan(page);
  await expect(strip(page, 'Accessibility')).toBeVisible();
  await expect
    .poll(() => sections(page, 'Evening trips'))
    .toEqual(['Header', 'Evening trips', 'Promise band', 'Footer']);

  await page.getByRole('link', { name: 'All projects' }).click();
  await newProject(
    page,
    'This is Orrin from Tern Row Boat Hire. We want a second site for our winter boat yard.',
  );
  await page.getByRole('button', { name: 'Take over facts' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('the same client')).toBeVisible();
  await dialog.getByRole('button', { name: /^Take over \d+ facts/ }).click();
  await saved(page);
  await expect(page.getByRole('button', { name: 'Kayak hire', exact: true })).toBeVisible();
  await expect(page.getByText('From Tern Row Boat Hire').first()).toBeVisible();

  await page.getByRole('button', { name: 'Ask the client' }).click();
  await dialog.getByLabel('Questions of your own, one to a line').fill('Who will write the news?');
  await dialog.getByLabel('Keep them for other projects').check();
  await dialog.getByRole('button', { name: 'Make a form and its link' }).click();
  await dialog.getByText('A message to send it with').click();
  await expect(dialog.getByLabel('Message for the client')).toHaveValue(/\/f\/.+\n\nBest wishes, Ines$/);
  await expect(dialog.getByRole('checkbox', { name: /Who will write the news/ })).toBeVisible();

  await page.goto('/');
  await page.getByRole('button', { name: 'New project' }).click();
  await page.getByText('The brief of another project').click();
  await page.getByRole('combobox', { name: 'Project' }).fill('Tern');
  await page.keyboard.press('Enter');
  await page.getByLabel('Name of the new project').fill('Tern Row, once more');
  await page.getByRole('button', { name: 'Start with this brief' }).click();
  await expect(page).toHaveURL(/\/brief$/);
  await expect(page.getByText('Tern Row, once more')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Tern Row Boat Hire', exact: true })).toBeVisible();
});
