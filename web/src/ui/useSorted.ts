import { computed, ref, type Ref } from 'vue'

/** By which column, and which way; undefined as the rows come. */
export type Sort = { by: string; isDown: boolean } | undefined

type Value = string | number | undefined

/** Up, then down, then as they come. */
export const turned = (sort: Sort, by: string): Sort =>
  sort?.by !== by ? { by, isDown: false } : sort.isDown ? undefined : { by, isDown: true }

/**
 * Rows in the order that a person asks for; rows without a value come last either way.
 *
 * @param columns what each column is sorted by
 * @example const { sort, sorted } = useSorted(rows, { name: (r) => r.name, made: (r) => r.madeAt })
 */
export function useSorted<T>(rows: Ref<T[]>, columns: Record<string, (row: T) => Value>) {
  const sort = ref<Sort>()
  const sorted = computed(() => {
    const value = sort.value && columns[sort.value.by]
    if (!value) return rows.value
    const way = sort.value?.isDown ? -1 : 1
    return [...rows.value].sort((a, b) => compared(value(a), value(b), way))
  })
  return { sort, sorted }
}

function compared(a: Value, b: Value, way: number): number {
  if (a === undefined || b === undefined) return Number(a === undefined) - Number(b === undefined)
  return (
    way *
    (typeof a === 'number' && typeof b === 'number'
      ? a - b
      : String(a).localeCompare(String(b), undefined, { numeric: true }))
  )
}
