/** Two people changed the same record; what becomes of it. */
export interface Merged<T> {
  /** Everything that does not collide, from whoever changed it; mine where it collides. */
  merged: T
  /** Fields that both changed, differently. */
  collisions: (keyof T)[]
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/**
 * Merges field by field: what only one of the two changed since `base` is taken over.
 *
 * @example merge(loaded, typed, saved).collisions // ['limitSwr']
 */
export function merge<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
  const merged = { ...mine }
  const collisions: (keyof T)[] = []
  for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)]) as Set<keyof T>) {
    if (same(mine[key], base[key])) merged[key] = theirs[key]
    else if (!same(theirs[key], base[key]) && !same(theirs[key], mine[key])) collisions.push(key)
  }
  return { merged, collisions }
}
