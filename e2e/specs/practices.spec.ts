import { clientNamed, expect, fileOf, signIn, STRANGER, test } from '../world';

test.use({ viewport: { width: 390, height: 844 } });

test('another practice is refused everything', async ({ browser, page, world }) => {
  await signIn(page, world);
  const client = await clientNamed(page, world, 'Maren');
  const file = await fileOf(page, world, client);

  const stranger = await (await browser.newContext()).newPage();
  await signIn(stranger, world, STRANGER);
  await expect(stranger.getByText('Nobody here yet. Add the first client.')).toBeVisible();

  const addresses = [
    `clients/${client}`,
    `clients/${client}/file`,
    ...(['visits', 'looks', 'probes', 'checks', 'drills'] as const).map(
      (kind) => `${kind}/${file[kind][0].id}`,
    ),
  ];
  for (const address of addresses)
    expect((await stranger.request.get(`${world.url}/api/v1/${address}`)).status(), address).toBe(
      404,
    );

  for (const kind of ['visits', 'looks', 'probes', 'checks', 'drills'] as const) {
    const { version, ...record } = file[kind][0];
    const answer = await stranger.request.put(`${world.url}/api/v1/${kind}/${record.id}`, {
      headers: { 'X-Taxikine': '1' },
      data: { writeId: crypto.randomUUID(), version, record },
    });
    expect(answer.status(), kind).toBe(404);
  }

  for (const path of [`/clients/${client}`, `/clients/${client}/visits/${file.visits[0].id}`]) {
    await stranger.goto(world.url + path);
    await expect(
      stranger.getByRole('heading', { name: 'There is nothing at this address.' }),
    ).toBeVisible();
  }
  expect(await fileOf(page, world, client)).toEqual(file);
});

test('without a session there is only the door', async ({ page, world }) => {
  await page.goto(`${world.url}/clients/7a169494-9e56-404e-a444-21a7f4dc885b`);
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await page.getByLabel('E-mail').fill('ilse@saltreach.example');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText('E-mail and password do not belong together.');
});
