import type { DataSourceOptions } from 'typeorm';
import { Build, BuildRevision } from '../builds/index.js';
import { CataloguePart } from '../catalogue/index.js';
import { Department } from '../departments/index.js';
import { Drill } from '../drills/index.js';
import { Photo } from '../photos/index.js';
import { WeeklyCheck } from '../weekly/index.js';
import { OwnPartRow } from '../parts/index.js';
import { Photos1764800000000 } from './migrations/1764800000000-photos.js';
import { WeeklyChecks1764700000000 } from './migrations/1764700000000-weekly-checks.js';
import { Drills1764600000000 } from './migrations/1764600000000-drills.js';
import { Briefs1764500000000 } from './migrations/1764500000000-briefs.js';
import { CatalogueParts1764300000000 } from './migrations/1764300000000-catalogue-parts.js';
import { YardAndStanding1764400000000 } from './migrations/1764400000000-yard-and-standing.js';
import { FilesAndFigures1764200000000 } from './migrations/1764200000000-files-and-figures.js';
import { HistoryAndParts1764100000000 } from './migrations/1764100000000-history-and-parts.js';
import { FirstTables1764000000000 } from './migrations/1764000000000-first-tables.js';

const MOST_CONNECTIONS = 10;
const CONNECT_MS = 5000;
const STUCK_MS = 60_000;

/** How the database is reached; tables change by migrations only. */
export const databaseOptions = (url: string): DataSourceOptions => ({
  type: 'postgres',
  url,
  entities: [Department, Build, BuildRevision, CataloguePart, OwnPartRow, Drill, WeeklyCheck, Photo],
  migrations: [
    FirstTables1764000000000,
    HistoryAndParts1764100000000,
    FilesAndFigures1764200000000,
    CatalogueParts1764300000000,
    YardAndStanding1764400000000,
    Briefs1764500000000,
    Drills1764600000000,
    WeeklyChecks1764700000000,
    Photos1764800000000,
  ],
  migrationsRun: true,
  synchronize: false,
  connectTimeoutMS: CONNECT_MS,
  // A query that takes longer than any of ours is stuck: nobody waits for it for ever.
  extra: {
    max: MOST_CONNECTIONS,
    statement_timeout: STUCK_MS,
    idle_in_transaction_session_timeout: STUCK_MS,
  },
});
