import { Secret, TOTP } from 'otpauth';
import type { Page } from '@playwright/test';
import {
  STRANGER,
  type World,
  button,
  expect,
  letIn,
  signInByHand,
  takeFromHouse,
  test,
} from '../world';

test.use({ viewport: { width: 390, height: 844 } });

const NEXT = 'seven quiet herons';

const field = (page: Page, name: string) => page.getByLabel(name, { exact: true });

async function openAccount(page: Page, world: World): Promise<void> {
  await page.goto(`${world.url}/account`);
  await page.getByText(/· this one$/).waitFor();
}

async function change(page: Page, current: string, next: string): Promise<void> {
  await field(page, 'Password now').fill(current);
  await field(page, 'New password').fill(next);
  await button(page, 'Change the password').click();
}

test('a phone that was lost is signed out from another one', async ({ page, browser, world }) => {
  const lost = await (await browser.newContext()).newPage();
  await letIn(lost, world, STRANGER);
  await openAccount(lost, world);
  await letIn(page, world, STRANGER);
  await page.goto(world.url);
  await takeFromHouse(page, /^Your account/);
  const ends = page.getByRole('button', { name: /^Sign out: / });
  await ends.first().waitFor();
  const before = await ends.count();
  await ends.first().click();
  await expect(ends).toHaveCount(before - 1);
  await expect(page.getByText(/· this one$/)).toBeVisible();
  // Seen last, and so the first of the list.
  await lost.goto(`${world.url}/clients/new`);
  await lost.reload();
  await expect(lost.getByRole('button', { name: 'Sign in' })).toBeVisible();
});

test('a coach goes by another name, here and to who comes after', async ({ page, world }) => {
  await letIn(page, world, STRANGER);
  await openAccount(page, world);
  const name = field(page, 'Your name, as clients and colleagues read it');
  const before = await name.inputValue();
  await name.fill('Wren Talbot');
  await button(page, 'Change the name').click();
  await expect(page.getByRole('heading', { name: 'Wren Talbot' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Wren Talbot' })).toBeVisible();
  await name.fill(before);
  await button(page, 'Change the name').click();
  await expect(page.getByRole('heading', { name: before })).toBeVisible();
});

test('a password is changed, with every word where it belongs, and not without the server', async ({
  page,
  browser,
  world,
}) => {
  const other = await (await browser.newContext()).newPage();
  await letIn(other, world, STRANGER);
  await letIn(page, world, STRANGER);
  await openAccount(page, world);
  await change(page, '', NEXT);
  await expect(page.getByRole('alert')).toHaveText('Type the password you have now.');
  await change(page, STRANGER.password, 'short');
  await expect(page.getByRole('alert')).toHaveText('At least 10 characters; these are 5.');
  await change(page, STRANGER.password, 'Basketball1!');
  await expect(page.getByRole('alert')).toHaveText(/^Very many people use this one/);
  await change(page, 'not this one', NEXT);
  await expect(page.getByRole('alert')).toHaveText('This is not your password now.');

  await world.kill();
  await change(page, STRANGER.password, NEXT);
  await expect(page.getByRole('alert')).toHaveText('The server does not answer.');
  await expect(field(page, 'New password')).toHaveValue(NEXT);
  await world.start();
  await button(page, 'Change the password').click();
  await expect(page.getByText(/^The password is changed\. .* signed out\.$/)).toBeVisible();
  await expect(field(page, 'New password')).toHaveValue('');
  await expect(page.getByText('You are signed in nowhere else.')).toBeVisible();
  expect((await other.request.get(`${world.url}/api/v1/session`)).status()).toBe(401);

  await signInByHand(other, world, { ...STRANGER, password: NEXT });
  // As it was, for the tests after this one.
  await change(page, NEXT, STRANGER.password);
  await expect(page.getByText(/^The password is changed\. One other device/)).toBeVisible();
});

test('a code of an authenticator is asked for at the door, until it is not wanted any more', async ({
  page,
  world,
}) => {
  await letIn(page, world, STRANGER);
  await openAccount(page, world);
  await button(page, 'Set up an authenticator').click();
  const secret = (await page.getByText(/^([A-Z2-7]{4} ){7}/).textContent())!.replaceAll(' ', '');
  const authenticator = new TOTP({ secret: Secret.fromBase32(secret) });
  await field(page, 'The six digits it shows now').fill('000000');
  await button(page, 'Ask for a code from now on').click();
  await expect(page.getByRole('alert')).toHaveText(/^This is not the code/);
  await field(page, 'The six digits it shows now').fill(authenticator.generate());
  await button(page, 'Ask for a code from now on').click();
  await expect(page.getByText('Each lets you in once without the phone.')).toBeVisible();
  const codes = page.getByRole('dialog').getByRole('listitem');
  await expect(codes).toHaveCount(10);
  const [recovery] = await codes.allTextContents();
  await button(page, 'I have kept them').click();
  await expect(page.getByText('A code is asked for since today.')).toBeVisible();

  await page.goto(world.url);
  await takeFromHouse(page, 'Sign out');
  await page.getByLabel('E-mail').fill(STRANGER.email);
  await field(page, 'Password').fill(STRANGER.password);
  await button(page, 'Sign in').click();
  await expect(field(page, 'Code')).toBeFocused();
  await field(page, 'Code').fill('000000');
  await button(page, 'Sign in').click();
  await expect(page.getByRole('alert')).toHaveText(/^This code is not good/);
  await field(page, 'Code').fill(recovery);
  await button(page, 'Sign in').click();
  await page.getByRole('heading', { name: 'Loose ends' }).waitFor();
  // As it was, for the tests after this one.
  await openAccount(page, world);
  await button(page, 'Ask for no code any more').click();
  await button(page, 'Yes: the password alone lets me in').click();
  await expect(button(page, 'Set up an authenticator')).toBeVisible();
});

test('a passkey lets in by the device alone, until it is taken away', async ({ page, world }) => {
  // A browser makes keys for names, and for no numbers.
  const site = world.url.replace('127.0.0.1', 'localhost');
  const devices = await page.context().newCDPSession(page);
  await devices.send('WebAuthn.enable');
  await devices.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
  await page.goto(site);
  await page.getByLabel('E-mail').fill(STRANGER.email);
  await field(page, 'Password').fill(STRANGER.password);
  await button(page, 'Sign in').click();
  await page.getByRole('heading', { name: 'Loose ends' }).waitFor();
  await takeFromHouse(page, /^Your account/);
  await field(page, 'What you call this device').fill('Phone of the floor');
  await button(page, 'Make a passkey on it').click();
  await expect(page.getByText('Phone of the floor')).toBeVisible();

  await page.goto(site);
  await takeFromHouse(page, 'Sign out');
  await button(page, 'Sign in with a passkey').click();
  await page.getByRole('heading', { name: 'Loose ends' }).waitFor();
  await takeFromHouse(page, /^Your account/);
  await expect(page.getByText('used today, made today')).toBeVisible();
  await button(page, 'Take away: Phone of the floor').click();
  await expect(page.getByText('Phone of the floor')).toHaveCount(0);

  await page.goto(site);
  await takeFromHouse(page, 'Sign out');
  await button(page, 'Sign in with a passkey').click();
  await expect(page.getByRole('alert')).toHaveText(/^This passkey lets nobody in here/);
});
