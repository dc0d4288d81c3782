import { expect, test } from '@playwright/test';
import { accessible, BRIEF, newProject, saved, signInAsDemo } from './hands';

const CALL = `WEBVTT

1
00:00:01.000 --> 00:00:03.000
<v Designer>How many pages do you want?

2
00:00:03.500 --> 00:00:05.000
<v Client>Um, nine at most.

3
00:00:05.500 --> 00:00:07.000
<v Designer>And a blog?

4
00:00:07.500 --> 00:00:09.000
<v Client>Yes, definitely.

5
00:00:09.500 --> 00:00:12.000
<v Designer>Anything else that you offer?

6
00:00:12.500 --> 00:00:15.000
<v Client>We also run moonlight picnics.
`;

test('the recording of a call is added: what it changes is seen first, and part of it is accepted', async ({
  page,
}) => {
  await signInAsDemo(page);
  await newProject(page);
  await page.getByRole('button', { name: 'Add a source' }).click();
  await page.locator('.ant-modal input[type=file]').setInputFiles({
    name: 'call.vtt',
    mimeType: 'text/vtt',
    buffer: Buffer.from(CALL),
  });
  await page.getByRole('button', { name: 'See what it changes' }).click();
  const dialog = page.getByRole('dialog', { name: /What “call.vtt” changes/ });
  await expect(dialog.getByRole('region', { name: 'New' })).toContainText('Moonlight picnics');
  await expect(dialog.getByRole('region', { name: 'New' })).toContainText('1-9');
  const opposite = dialog.getByRole('region', { name: 'Says the opposite of what is known' });
  await expect(opposite).toContainText('Blog');
  await expect(opposite).toContainText('The client said this later; accepted, it wins.');
  await expect(opposite.getByRole('checkbox')).not.toBeChecked();
  await accessible(page);
  await expect(page.locator('.sheet')).not.toContainText('Moonlight picnics');
  await dialog.getByRole('checkbox', { name: /Number of pages/ }).uncheck();
  await dialog.getByRole('button', { name: /Add it and accept/ }).click();
  await expect(page.locator('.sheet')).toContainText('Moonlight picnics');
  await expect(page.locator('.sheet')).not.toContainText('1-9');
  await expect(page.locator('.fact.refused')).toContainText('Blog');
  await page.getByRole('tab', { name: 'call.vtt' }).click();
  await expect(page.locator('.source')).toContainText('0:12 Client: We also run moonlight picnics.');
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('tab', { name: 'call.vtt' })).toHaveCount(0);
  await expect(page.locator('.sheet')).not.toContainText('Moonlight picnics');
});

test('an interview by keyboard alone', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(page, 'Sallow Boats hires out rowing boats on the Sallow Water.');
  await expect(page.getByRole('button', { name: 'Interview' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(page.getByLabel('Find a page, section, fact or action')).toBeFocused();
  await page.keyboard.type('interview');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'What should people do on the website?' })).toBeVisible();
  await accessible(page);
  await page.keyboard.type('they should book a boat online');
  await page.keyboard.press('Enter');
  const facts = page.getByRole('complementary', { name: 'Fact sheet' });
  await expect(facts).toContainText('Bookings');
  await expect(page.getByRole('heading', { name: 'Who are your customers?' })).toBeVisible();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(page.getByRole('heading', { name: 'Who are your customers?' })).toBeHidden();
  await page.keyboard.press('Alt+ArrowLeft');
  await expect(page.getByRole('heading', { name: 'Who are your customers?' })).toBeVisible();
  await page.keyboard.type('families on holiday');
  await page.keyboard.press('Enter');
  await expect(facts).toContainText('Families on holiday');
  while (!(await page.getByRole('heading', { name: 'How should the website sound?' }).isVisible()))
    await page.keyboard.press('Alt+ArrowRight');
  await page.keyboard.press('Alt+2');
  await expect(facts).toContainText('Warm');
  await page.keyboard.press('Alt+n');
  await page.keyboard.type('We also do gift vouchers and sunset trips.');
  await page.keyboard.press('Escape');
  const given = page.getByRole('dialog', { name: 'Add a source' });
  await expect(given.getByLabel('What came in')).toHaveValue(/A: families on holiday/);
  await given.getByRole('button', { name: 'See what it changes' }).press('Enter');
  await expect(page.getByRole('dialog', { name: /What “Interview/ })).toContainText('Sunset trips');
  await page.getByRole('button', { name: /Add it and accept/ }).press('Enter');
  await expect(page.locator('.sheet')).toContainText('Sunset trips');
  await expect(page.getByRole('tab', { name: /Interview/ })).toBeVisible();
});

test('the client answers half a form on a phone, comes back, and sends it', async ({ page, browser }) => {
  await signInAsDemo(page);
  await newProject(page, BRIEF.replace(/^Most of our guests.*$/m, ''));
  await page.getByRole('button', { name: 'Ask the client' }).click();
  await page.getByLabel('Questions of your own, one to a line').fill('Is there parking by the water?');
  await page.getByRole('button', { name: 'Make a form and its link' }).click();
  const link = await page.getByLabel('Link for the client').inputValue();
  expect(link).toMatch(/\/f\/[\w-]{40,}$/);
  await accessible(page);
  await page.getByRole('button', { name: 'Close', exact: true }).last().click();

  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await phone.goto(link);
  await expect(phone.getByRole('heading', { name: 'A few questions about your website' })).toBeVisible();
  await accessible(phone);
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await phone
    .getByLabel('What makes you different from others?')
    .fill('Our boats are never more than two years old');
  await expect(phone.getByRole('status')).toHaveText('Everything is kept');
  await phone.reload();
  await expect(phone.getByLabel('What makes you different from others?')).toHaveValue(
    'Our boats are never more than two years old',
  );
  const suggested = phone.getByRole('group', {
    name: 'Suggestions: Who are your customers?',
  });
  await suggested.getByRole('button').nth(0).click();
  await suggested.getByRole('button').nth(1).click();
  await expect(phone.getByRole('textbox', { name: 'Who are your customers?' })).toHaveValue(/.+, .+/);
  await phone.getByLabel('Is there parking by the water?').fill('Yes, for ten cars');
  await phone.getByLabel('Anything written already? Attach one file').setInputFiles({
    name: 'notes.md',
    mimeType: 'text/markdown',
    buffer: Buffer.from('We also sell ice cream.'),
  });
  await expect(phone.getByText('Attached: notes.md')).toBeVisible();
  await phone.getByRole('button', { name: 'Send the answers' }).click();
  await expect(phone.getByRole('heading', { name: 'Thank you, it is sent' })).toBeVisible();

  await page.reload();
  await page.getByRole('button', { name: 'The client has answered' }).click();
  await page.getByRole('button', { name: 'See the answers' }).click();
  const answers = page.getByRole('dialog', { name: 'Answers to form 1' });
  await expect(answers).toContainText('A: Yes, for ten cars');
  await expect(answers).toContainText('Our boats are never more than two years old');
  await answers.getByRole('button', { name: /Add as a source/ }).click();
  await expect(page.locator('.sheet')).toContainText('Our boats are never more than two years old');
  const attached = page.getByRole('dialog', { name: 'Attached to form 1' });
  await expect(attached.getByRole('region', { name: 'New' })).toContainText('Ice cream');
  await attached.getByRole('button', { name: 'Add as a source and accept 1' }).click();
  await expect(page.getByRole('tab', { name: 'notes.md' })).toBeVisible();
  await expect(page.locator('.sheet')).toContainText('Ice cream');
  const asked = page.getByRole('dialog', { name: 'Ask the client' });
  await asked.getByRole('button', { name: 'Withdraw' }).click();
  await expect(asked.getByRole('button', { name: 'Withdraw' })).toBeHidden();
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'This link does not open anything' })).toBeVisible();
});

test('what is only hinted at, or said both ways, is asked about and settled', async ({ page }) => {
  await signInAsDemo(page);
  await newProject(
    page,
    `We are Tamsin & Rowe Joiners, and make staircases, sash windows and oak doors.

I think six pages would do it: Home, Staircases, Windows, Doors, Blog, Contact.

People should be able to get a quote online.

My brother thinks ten pages are better. Actually make it eight pages at most.

We've talked about it again and there should be no blog, nobody will write it.`,
  );
  const open = page.getByRole('region', { name: 'Score and open questions' });
  const asked = (words: string) => open.getByRole('listitem').filter({ hasText: words });
  const sheet = page.locator('.sheet');
  await expect(sheet).toContainText('Where a thing is asked for and refused, the refusal stands.');
  await accessible(page);
  await asked('Do they want a page “Blog”?').getByRole('button', { name: 'Yes' }).click();
  await expect(sheet.locator('.fact:not(.struck)', { hasText: 'Blog' })).toContainText('Asked for');
  await asked('How many pages').getByRole('button', { name: '6', exact: true }).click();
  await expect(sheet.locator('.fact:not(.struck)', { hasText: 'Number of pages' })).toContainText('6');
  await asked('Who is it for?').getByRole('button', { name: 'Architects' }).click();
  await expect(sheet).toContainText('Architects');

  const guess = sheet.locator('.fact', { has: page.getByRole('img', { name: 'unsure' }) }).first();
  const shown = await guess.locator('.fact-value').innerText();
  await guess.hover();
  await guess.getByRole('button', { name: /^Confirm / }).click();
  await expect(sheet.locator('.fact', { hasText: shown }).getByRole('img', { name: 'unsure' })).toHaveCount(
    0,
  );

  await asked('What may it cost?').getByRole('button', { name: 'Skip' }).click();
  await open.getByText('Set aside: 1').click();
  await open.getByRole('button', { name: 'Ask again: What may it cost?' }).click();
  await expect(open.getByText('Set aside: 1')).toBeHidden();
  await expect(asked('What may it cost?')).toBeVisible();
});
