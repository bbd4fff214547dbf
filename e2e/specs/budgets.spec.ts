import { existsSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { BUILD_NOTE } from '../../scripts/lib/webApp.mjs';
import { WEB_DIST } from '../../scripts/lib/paths.mjs';

interface Build {
  readonly entry: string;
  readonly table: Readonly<Record<string, readonly string[]>>;
  readonly workers: readonly string[];
  readonly contents: Readonly<Record<string, readonly string[]>>;
}

const build = JSON.parse(readFileSync(BUILD_NOTE, 'utf8')) as Build;

/** As it goes over the line, in kB; a file too small to be compressed goes as it is. */
function kBOf(url: string): number {
  const path = join(WEB_DIST, url);
  return statSync(existsSync(`${path}.br`) ? `${path}.br` : path).size / 1024;
}
const sum = (urls: readonly string[]): number => urls.reduce((kB, url) => kB + kBOf(url), 0);

/**
 * What each part may weigh at most, all its files together, in kB of brotli. What other parts have
 * brought before is in it again: so much is fetched when it is the first that is opened. The numbers and
 * why they are what they are stand in docs/performance.md.
 */
const MOST_KB: Readonly<Record<string, number>> = {
  AccountScreen: 109,
  AgainStep: 199,
  AskStep: 178,
  BoardScreen: 186,
  CheckStep: 192,
  ClientFormScreen: 259,
  ClientScreen: 192,
  CoachDoor: 25,
  CoachFrame: 68,
  DeedsScreen: 103,
  FitScreen: 201,
  FoundingScreen: 69,
  HandoutScreen: 165,
  HomePageScreen: 58,
  HomePlanScreen: 204,
  HomeScreen: 168,
  LibraryScreen: 132,
  LookStep: 183,
  OutboxScreen: 101,
  OwnDrillScreen: 218,
  PictureScreen: 182,
  PlayedDose: 89,
  PracticeScreen: 140,
  ProbeStep: 178,
  QrCode: 90,
  RecordingScreen: 221,
  ReportScreen: 199,
  SetupStep: 172,
  SignInFigure: 110,
  SignInScreen: 30,
  TraceStep: 218,
  TrendsScreen: 186,
  VerdictStep: 178,
  VisitScreen: 158,
  WelcomeScreen: 69,
  WorkStep: 255,
  doseDrawings: 83,
  forgetDevice: 69,
  webauthn: 74,
};
const MOST_ENTRY_KB = 295;

test('the entry keeps to its budget', () => {
  expect(sum([build.entry])).toBeLessThanOrEqual(MOST_ENTRY_KB);
});

for (const [part, most] of Object.entries(MOST_KB))
  test(`${part} keeps to its budget`, () => {
    expect(sum(build.table[part])).toBeLessThanOrEqual(most);
  });

test('every part has a budget', () => {
  expect(Object.keys(build.table).sort()).toEqual(Object.keys(MOST_KB).sort());
});

const modulesOf = (...parts: string[]): string[] =>
  [build.entry, ...parts.flatMap((part) => build.table[part])].flatMap(
    (url) => build.contents[url],
  );

/** What only a coach needs. */
const COACHS = [
  /^app\/src\/visit\/(look|setup|steps|session|thread|trace|check|report)\//,
  /^app\/src\/(client\/(trend|fit|meet|leave)|measure\/(recording|picture)|letters)\//,
  /^app\/src\/(client\/|today\/|home-plan\/|library\/|measure\/|visit\/|practice\/(?!lock|welcome)).*Screen\.tsx$/,
  /^app\/src\/(shell\/(?!Root|lazyScreens|ComingBones)|frame\/(PageFrame|Header)|practice\/welcome\/SignInForm)/,
  /^app\/src\/words\/enCoach/,
  /^app\/src\/data\/(outbox|keepQueries|troubles|sendWrite)/,
  /^core\/src\/(inference\/trace|planning\/(asking|session\/planSession)|records\/(schemas\/|.*Schemas?[.]ts$)|exchange)/,
  /node_modules\/(joi|@dnd-kit|react-hook-form|d3-[a-z]+|papaparse|@tanstack\/[a-z-]*virtual)\//,
];

/** What a door does not need, however it is opened. */
const NOT_AT_THE_DOOR = [
  /node_modules\/(joi|@dnd-kit|react-hook-form|d3-[a-z]+|papaparse|date-fns|@tanstack\/[a-z-]*virtual|react-native-svg)\//,
  // What a record is made of before anything was said in it is there; nothing that works anything out is.
  /^core\/src\/(body\/solver|inference\/(trace|depth)|planning|exchange)\//,
  /^app\/src\/words\/enCoach/,
];

/** Rules by path say nothing once a folder is called something else: each must be that of some part. */
test('every rule of what only a coach needs speaks of files that there are', () => {
  const all = Object.values(build.contents).flat();
  for (const one of [...COACHS, ...NOT_AT_THE_DOOR])
    expect([one.source, all.some((path) => one.test(path))]).toEqual([one.source, true]);
});

for (const [what, parts] of [
  ['the client’s page', ['HomePageScreen', 'PlayedDose', 'doseDrawings']],
] as const)
  test(`nothing of the coach’s app is in ${what}`, () => {
    const modules = modulesOf(...parts);
    expect(modules.length).toBeGreaterThan(500);
    expect(modules.filter((path) => COACHS.some((one) => one.test(path)))).toEqual([]);
  });

test('the door has nothing of what is behind it', () => {
  const modules = modulesOf('CoachDoor', 'SignInScreen');
  expect(modules.filter((path) => NOT_AT_THE_DOOR.some((one) => one.test(path)))).toEqual([]);
});
