/** What a save gives back. */
export interface SavedRow {
  department_id: string;
  department: string;
  revision: number;
  archived: boolean;
  saved_at: Date;
}

/**
 * Saves a change as the next revision, in one go and one way to the database; nothing where the build is not at
 * that revision. $1 build, $2 revision, $3 file, $4 words, $5 who, $6 figures, $7 standing.
 */
export const SAVE = `
  WITH given AS MATERIALIZED (
    SELECT $3::jsonb AS file
  ), saved AS (
    UPDATE builds
    SET file = given.file, name = given.file->>'name', revision = revision + 1, last_change = $4, saved_at = now()
    FROM given
    WHERE id = $1 AND revision = $2
    RETURNING id, department_id, revision, archived, saved_at
  ), kept AS (
    INSERT INTO build_revisions (build_id, revision, file, words, who, figures, standing, saved_at)
    SELECT id, revision, given.file, $4, $5, $6::jsonb, $7::jsonb, saved_at FROM saved, given
  )
  SELECT saved.*, departments.name AS department
  FROM saved JOIN departments ON departments.id = saved.department_id`;
