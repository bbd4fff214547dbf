import { foundingToken } from '../../scripts/lib/database.mjs';
import { emptyHouse } from '../emptyHouse';
import { button, expect, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

test('a house without a practice: the first one is made at the address that was told, once', async ({
  page,
}) => {
  const { databases, url, address, end } = await emptyHouse('e2e_founding');
  const type = async (label: string, words: string) =>
    page.getByLabel(label, { exact: true }).fill(words);
  try {
    await page.goto(address);
    await expect(page.getByRole('heading', { name: 'Your practice begins here' })).toBeVisible();
    await type('Name of the practice', 'Tide House');
    await type('Your name', 'Brita Holm');
    await type('Your e-mail', 'brita');
    await type('Password', 'nine slow barges');
    await button(page, 'Make it and go in').click();
    await expect(page.getByRole('alert')).toContainText('e-mail');
    await type('Your e-mail', 'brita@tidehouse.example');
    await type('Password', 'basketball');
    await button(page, 'Make it and go in').click();
    await expect(page.getByRole('alert')).toContainText('guessed first');
    await type('Password', 'nine slow barges');
    await button(page, 'Make it and go in').click();
    await expect(page.getByText('Nobody here yet. Add the first client.')).toBeVisible();

    await page.goto(`${url}/practice`);
    await expect(page.getByRole('heading', { name: 'Tide House' })).toBeVisible();
    await page.goto(address);
    await expect(
      page.getByRole('heading', { name: 'This address opens nothing any more.' }),
    ).toBeVisible();
    expect(foundingToken(databases)).toBe('');
  } finally {
    end();
  }
});
