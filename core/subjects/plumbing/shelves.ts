/** Something flat that needs room on a panel, in; pinned where a person has put it. */
export interface Piece {
  id: string;
  wide: number;
  high: number;
  /** Rows fill from the foot of the panel by this, the least first. */
  band: number;
  pinned?: { u: number; v: number };
}

/** A piece in its place: from the left end of the panel, and over its foot; in. */
export interface Placed {
  id: string;
  u: number;
  v: number;
  wide: number;
  high: number;
}

/** Free between two pieces, and around the edge; in. */
export const GAP_IN = 0.5;

const meets = (a: Placed, b: Placed): boolean =>
  a.u < b.u + b.wide + GAP_IN &&
  b.u < a.u + a.wide + GAP_IN &&
  a.v < b.v + b.high + GAP_IN &&
  b.v < a.v + a.high + GAP_IN;

/**
 * Pieces on a panel so many inches wide and high: what is pinned stays, the rest stands in rows from the foot up, band
 * over band, each row spread over the width. No two of what isn't pinned meet anything; rows that don't fit go on above
 * the panel, and `overIn` says by how much.
 */
export function onPanel(
  pieces: readonly Piece[],
  wideIn: number,
  highIn: number,
): { placed: Placed[]; overIn: number } {
  const pins = pieces.flatMap(({ id, wide, high, pinned }): Placed[] =>
    pinned ? [{ id, wide, high, ...pinned }] : [],
  );
  const bands = [...new Set(pieces.map(({ band }) => band))].sort((a, b) => a - b);
  const rows: { band: number; of: Placed[] }[] = [];
  let foot = GAP_IN;
  for (const band of bands) {
    const waiting = pieces.filter((piece) => !piece.pinned && piece.band === band);
    while (waiting.length > 0) {
      const row: Placed[] = [];
      let u = GAP_IN;
      while (waiting.length > 0) {
        const { id, wide, high } = waiting[0]!;
        let at: Placed = { id, u, v: foot, wide, high };
        for (
          let pin = pins.find((other) => meets(at, other));
          pin;
          pin = pins.find((other) => meets(at, other))
        )
          at = { ...at, u: pin.u + pin.wide + GAP_IN };
        if (at.u + wide > wideIn - GAP_IN && (row.length > 0 || at.u > GAP_IN)) break;
        row.push(at);
        u = at.u + wide + GAP_IN;
        waiting.shift();
      }
      if (row.length > 0) rows.push({ band, of: row });
      foot += row.length > 0 ? Math.max(...row.map(({ high }) => high)) + GAP_IN : GAP_IN;
    }
  }
  const spare = highIn - foot;
  const loose =
    pins.length > 0
      ? rows.flatMap(({ of }) => of)
      : rows.flatMap(({ of, band }) => {
          const up = Math.max(0, spare) * (bands.indexOf(band) / Math.max(1, bands.length - 1));
          return spread(of, wideIn).map((piece) => ({ ...piece, v: piece.v + up }));
        });
  const placed = [...pins, ...loose];
  const overIn = Math.max(
    0,
    ...placed.map(({ u, v, wide, high }) => Math.max(u + wide - wideIn, v + high - highIn)),
  );
  return { placed, overIn };
}

/** A row with the same room between all of its pieces. */
function spread(row: readonly Placed[], wideIn: number): Placed[] {
  const left = wideIn - row.reduce((sum, { wide }) => sum + wide, 0);
  const between = Math.max(GAP_IN, left / (row.length + 1));
  let u = between;
  return row.map((piece) => {
    const at = { ...piece, u };
    u += piece.wide + between;
    return at;
  });
}

/** Which pieces lie over one another, two by two. */
export const overlapping = (placed: readonly Placed[]): [Placed, Placed][] =>
  placed.flatMap((one, i) =>
    placed
      .slice(i + 1)
      .filter(
        (other) =>
          one.u < other.u + other.wide - 1e-9 &&
          other.u < one.u + one.wide - 1e-9 &&
          one.v < other.v + other.high - 1e-9 &&
          other.v < one.v + one.high - 1e-9,
      )
      .map((other): [Placed, Placed] => [one, other]),
  );
