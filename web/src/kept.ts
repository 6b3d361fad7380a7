import { useStorage } from '@vueuse/core'
import * as v from 'valibot'
import type { Ref } from 'vue'

/** What a browser kept may be of an older page, or broken: nothing of it is believed before it is looked at. */
export type Shape<T> = v.GenericSchema<unknown, T>

/**
 * Anything that looks like `usual`: what is missing, or of another type, is as there; what is not there is left away. `elements` say
 * what lists hold that are empty as usual, `more` what need not be there at all.
 */
export function like<T>(
  usual: T,
  elements: { [K in keyof T]?: unknown } = {},
  more: { [K in keyof T]?: v.GenericSchema } = {},
): Shape<T> {
  const entries = Object.entries(usual as Record<string, unknown>).map(([name, value]) => {
    const element = elements[name as keyof T]
    return [name, v.optional(shapeOf(value, element), value as never)]
  })
  return v.fallback(
    v.object({ ...Object.fromEntries(entries), ...more } as v.ObjectEntries),
    usual as never,
  ) as unknown as Shape<T>
}

/** A list of things that look like `usual`. */
export const listLike = <T>(usual: T): Shape<T[]> =>
  v.array(shapeOf(usual, undefined)) as unknown as Shape<T[]>

function shapeOf(value: unknown, element: unknown): v.GenericSchema {
  if (Array.isArray(value)) {
    const one: unknown = element ?? value[0]
    return v.fallback(v.array(one === undefined ? v.unknown() : shapeOf(one, undefined)), value)
  }
  if (typeof value === 'object' && value !== null) return like(value) as v.GenericSchema
  if (typeof value === 'string') return v.fallback(v.string(), value)
  if (typeof value === 'number') return v.fallback(v.number(), value)
  if (typeof value === 'boolean') return v.fallback(v.boolean(), value)
  return v.unknown()
}

function parsed<T>(text: string, shape: Shape<T>): T | undefined {
  try {
    const read = v.safeParse(shape, JSON.parse(text))
    return read.success ? read.output : undefined
  } catch {
    return undefined
  }
}

/** What is kept under `key`; undefined for nothing, and for what is not of this shape. */
export function readKept<T>(key: string, shape: Shape<T>, storage: Storage = localStorage): T | undefined {
  const text = storage.getItem(key)
  return text === null ? undefined : parsed(text, shape)
}

/** Keeps `value` under `key`; undefined takes it away. */
export function keep(key: string, value: unknown, storage: Storage = localStorage): void {
  if (value === undefined) storage.removeItem(key)
  else storage.setItem(key, JSON.stringify(value))
}

/** What is kept under `key`, to be read and written as any ref; two pages at once each go on with their own. */
export function useKept<T>(key: string, shape: Shape<T>, usual: T): Ref<T> {
  return useStorage<T>(key, usual, localStorage, {
    deep: true,
    writeDefaults: false,
    listenToStorageChanges: false,
    serializer: {
      read: (text: string) => parsed(text, shape) ?? usual,
      write: (value: T) => JSON.stringify(value),
    },
  }) as Ref<T>
}
