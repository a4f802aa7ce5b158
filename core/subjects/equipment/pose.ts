/** How a piece lies in its place, by which of its sides runs along the surface, in from its edge, and up. */
export const POSES = ['along', 'in', 'edgeAlong', 'edgeIn', 'endAlong', 'endIn'] as const;
export type Pose = (typeof POSES)[number];
export const POSE_NAMES: Record<Pose, string> = {
  along: 'Flat, along',
  in: 'Flat, end first',
  edgeAlong: 'On its side, along',
  edgeIn: 'On its side, end first',
  endAlong: 'On its end, broad',
  endIn: 'On its end, narrow',
};

interface Sides {
  lengthIn: number;
  widthIn: number;
  heightIn: number;
}

/** What a piece takes of its place: along it, in from its edge, and up; in. */
export interface Extent {
  alongIn: number;
  inIn: number;
  upIn: number;
}

/** A piece's sides as it lies in a pose. */
export function posed({ lengthIn: l, widthIn: w, heightIn: h }: Sides, pose: Pose): Extent {
  const [alongIn, inIn, upIn] = {
    along: [l, w, h],
    in: [w, l, h],
    edgeAlong: [l, h, w],
    edgeIn: [h, l, w],
    endAlong: [w, h, l],
    endIn: [h, w, l],
  }[pose] as [number, number, number];
  return { alongIn, inIn, upIn };
}

/** The ways in which a piece may lie: what is kept upright only turns about. */
export const posesOf = ({ needs = [] }: { needs?: readonly string[] }): readonly Pose[] =>
  needs.includes('upright') ? POSES.slice(0, 2) : POSES;
