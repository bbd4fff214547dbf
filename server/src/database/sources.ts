import 'reflect-metadata';
import pg from 'pg';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { AppliedWrite } from './entities/AppliedWrite';
import { Archive } from './entities/Archive';
import { ArchivePart } from './entities/ArchivePart';
import { CheckResult } from './entities/CheckResult';
import { Client } from './entities/Client';
import { ClientSummaryRow } from './entities/ClientSummaryRow';
import { Coach } from './entities/Coach';
import { DrillLog } from './entities/DrillLog';
import { ClientRetention } from './entities/ClientRetention';
import { ClientLink } from './entities/ClientLink';
import { Erasure } from './entities/Erasure';
import { HomeEntryRow } from './entities/HomeEntryRow';
import { HomePlanRow } from './entities/HomePlanRow';
import { Image } from './entities/Image';
import { Look } from './entities/Look';
import { OwnDrillRow } from './entities/OwnDrillRow';
import { Message } from './entities/Message';
import { Paper } from './entities/Paper';
import { Picture } from './entities/Picture';
import { PracticeRetention } from './entities/PracticeRetention';
import { Practice } from './entities/Practice';
import { Probe } from './entities/Probe';
import { Restore } from './entities/Restore';
import { RestorePart } from './entities/RestorePart';
import { Room } from './entities/Room';
import { Visit } from './entities/Visit';
import { FirstSlice1764000000000 } from './migrations/1764000000000-FirstSlice';
import { ClientSetup1764100000000 } from './migrations/1764100000000-ClientSetup';
import { SetupPerPattern1764200000000 } from './migrations/1764200000000-SetupPerPattern';
import { LookAndCheckInFull1764300000000 } from './migrations/1764300000000-LookAndCheckInFull';
import { Pictures1764400000000 } from './migrations/1764400000000-Pictures';
import { OpinionsAndTraces1764500000000 } from './migrations/1764500000000-OpinionsAndTraces';
import { SessionsInFull1764600000000 } from './migrations/1764600000000-SessionsInFull';
import { LaddersAndOwnDrills1764700000000 } from './migrations/1764700000000-LaddersAndOwnDrills';
import { WeeksAtHome1764800000000 } from './migrations/1764800000000-WeeksAtHome';
import { ClientSummaries1764900000000 } from './migrations/1764900000000-ClientSummaries';
import { Erasures1765000000000 } from './migrations/1765000000000-Erasures';
import { LettersAndPapers1765100000000 } from './migrations/1765100000000-LettersAndPapers';
import { ChangesTold1765200000000 } from './migrations/1765200000000-ChangesTold';
import { Archives1765300000000 } from './migrations/1765300000000-Archives';
import { Restores1765400000000 } from './migrations/1765400000000-Restores';
import { FailedTries1765500000000 } from './migrations/1765500000000-FailedTries';
import { OwnSessions1765600000000 } from './migrations/1765600000000-OwnSessions';
import { People1765700000000 } from './migrations/1765700000000-People';
import { Deeds1765800000000 } from './migrations/1765800000000-Deeds';
import { Confirmed1765900000000 } from './migrations/1765900000000-Confirmed';
import { SecondFactor1766000000000 } from './migrations/1766000000000-SecondFactor';
import { KeptClients1766100000000 } from './migrations/1766100000000-KeptClients';
import { PracticeSettings1766200000000 } from './migrations/1766200000000-PracticeSettings';
import { SessionsTold1766300000000 } from './migrations/1766300000000-SessionsTold';
import { Passkeys1766400000000 } from './migrations/1766400000000-Passkeys';
import { Founding1766500000000 } from './migrations/1766500000000-Founding';
import { Directory1766600000000 } from './migrations/1766600000000-Directory';
import { KeysByPractice1766700000000 } from './migrations/1766700000000-KeysByPractice';
import { MoreSettings1766800000000 } from './migrations/1766800000000-MoreSettings';
import { HipJoints1766900000000 } from './migrations/1766900000000-HipJoints';
import { LinksByOneClock1767000000000 } from './migrations/1767000000000-LinksByOneClock';
import { PelvisHeld1767100000000 } from './migrations/1767100000000-PelvisHeld';
import { SnakeNames } from './namingStrategy';

/**
 * It is told twice that its line is gone, by the database and by the line itself; at the second time whoever had it has let
 * go of it already, and an error that nobody listens to would end the process.
 */
class Line extends pg.Client {
  constructor(...config: ConstructorParameters<typeof pg.Client>) {
    super(...config);
    this.on('error', () => undefined);
  }
}

const options = (url: string): DataSourceOptions => ({
  type: 'postgres',
  url,
  // The one that is here: its errors are known by their class.
  driver: pg,
  synchronize: false,
  namingStrategy: new SnakeNames(),
  entities: [
    Practice,
    Coach,
    Client,
    Visit,
    Look,
    Probe,
    CheckResult,
    DrillLog,
    Picture,
    Image,
    HomePlanRow,
    HomeEntryRow,
    ClientLink,
    Message,
    Paper,
    Archive,
    ArchivePart,
    Restore,
    RestorePart,
    ClientRetention,
    PracticeRetention,
    ClientSummaryRow,
    Erasure,
    OwnDrillRow,
    Room,
    AppliedWrite,
  ],
});

/** The owner's connection: migrations and the making of practices; never serves a request. */
export const ownerSource = (url: string): DataSource =>
  new DataSource({
    ...options(url),
    migrations: [
      FirstSlice1764000000000,
      ClientSetup1764100000000,
      SetupPerPattern1764200000000,
      LookAndCheckInFull1764300000000,
      Pictures1764400000000,
      OpinionsAndTraces1764500000000,
      SessionsInFull1764600000000,
      LaddersAndOwnDrills1764700000000,
      WeeksAtHome1764800000000,
      ClientSummaries1764900000000,
      Erasures1765000000000,
      LettersAndPapers1765100000000,
      ChangesTold1765200000000,
      Archives1765300000000,
      Restores1765400000000,
      FailedTries1765500000000,
      OwnSessions1765600000000,
      People1765700000000,
      Deeds1765800000000,
      Confirmed1765900000000,
      SecondFactor1766000000000,
      KeptClients1766100000000,
      PracticeSettings1766200000000,
      SessionsTold1766300000000,
      Passkeys1766400000000,
      Founding1766500000000,
      Directory1766600000000,
      KeysByPractice1766700000000,
      MoreSettings1766800000000,
      HipJoints1766900000000,
      LinksByOneClock1767000000000,
      PelvisHeld1767100000000,
    ],
  } as DataSourceOptions);

/** How long anything may take, in milliseconds. */
export interface Patience {
  /** To be given a connection. */
  readonly connection: number;
  readonly statement: number;
  /** For a row that another transaction has. */
  readonly lock: number;
  /** Of a transaction that does nothing. */
  readonly idle: number;
  /** For a standby that a commit waits for. */
  readonly commit: number;
}

/** Less than the app waits for an answer: it is told, and asks again. */
export const SERVING: Patience = {
  connection: 5000,
  statement: 12_000,
  lock: 4000,
  idle: 15_000,
  commit: 5000,
};
/** What works in the background reads whole practices, and nobody waits for it. */
export const WORKING: Patience = {
  connection: 30_000,
  statement: 300_000,
  lock: 30_000,
  idle: 120_000,
  commit: 60_000,
};

/** The application's connection, as a role that owns nothing. One that hangs holds the others up for so long, and no longer. */
export const appSource = (
  url: string,
  { connection, statement, lock, idle, commit }: Patience = SERVING,
): DataSource =>
  new DataSource({
    ...options(url),
    extra: {
      Client: Line,
      max: 12,
      connectionTimeoutMillis: connection,
      statement_timeout: statement,
      lock_timeout: lock,
      idle_in_transaction_session_timeout: idle,
      commitTimeoutMillis: commit,
    },
  } as DataSourceOptions);
