/** What a tree needs to know of a version. */
export interface Branching {
  readonly number: number;
  readonly parent: number | null;
}

/** A version in its tree, the latest first as a list is drawn; its lane is the column of its branch. */
export interface TreeRow<V extends Branching> {
  readonly version: V;
  /** Column: 0 is the line that leads to the latest version. */
  readonly lane: number;
  /** Lane of its parent; undefined for a root. */
  readonly parentLane: number | undefined;
  /** Whether anything grew from it. */
  readonly isTip: boolean;
}

/**
 * Lays versions out as a tree: the way to the latest runs straight down the first lane, every other branch has a lane of its own.
 * @param versions in any order; a parent that is missing makes a root
 */
export function versionTree<V extends Branching>(versions: readonly V[]): readonly TreeRow<V>[] {
  const byNumber = new Map(versions.map((version) => [version.number, version]));
  const latestFirst = [...versions].sort((a, b) => b.number - a.number);
  const lanes = new Map<number, number>();
  let next = 0;
  for (const tip of latestFirst) {
    if (lanes.has(tip.number)) continue;
    const lane = next++;
    for (
      let at: V | undefined = tip;
      at && !lanes.has(at.number);
      at = at.parent === null ? undefined : byNumber.get(at.parent)
    )
      lanes.set(at.number, lane);
  }
  const parents = new Set(versions.map(({ parent }) => parent));
  return latestFirst.map((version) => ({
    version,
    lane: lanes.get(version.number) ?? 0,
    parentLane: version.parent === null ? undefined : lanes.get(version.parent),
    isTip: !parents.has(version.number),
  }));
}
