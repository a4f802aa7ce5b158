/** A private PostgreSQL. */
export interface Postgres {
  url: string;
  /** The URL of another database on it. */
  urlOf: (database: string) => string;
  major: number;
  /** Where its programs are. */
  programs: string;
  /** It ran already when it was asked for. */
  joined: boolean;
  stop: () => boolean;
  runs: () => boolean;
  restart: () => Promise<void>;
}
export function startPostgres(folder: string): Promise<Postgres>;
export function freePort(): Promise<number>;
