import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import SortHead from './SortHead.vue'
import { turned, useSorted } from './useSorted'

describe('a table that is sorted', () => {
  const rows = ref([
    { name: 'Van 10', m: 0.5 },
    { name: 'van 9', m: undefined },
    { name: 'Boat', m: 1.4 },
  ])
  const names = (of: { value: { name: string }[] }) => of.value.map((r) => r.name)

  it('counts numbers within names as numbers, and puts what has no value last either way', () => {
    const { sort, sorted } = useSorted(rows, { name: (r) => r.name, m: (r) => r.m })
    expect(names(sorted)).toEqual(['Van 10', 'van 9', 'Boat'])
    sort.value = { by: 'name', isDown: false }
    expect(names(sorted)).toEqual(['Boat', 'van 9', 'Van 10'])
    sort.value = { by: 'm', isDown: false }
    expect(names(sorted)).toEqual(['Van 10', 'Boat', 'van 9'])
    sort.value = { by: 'm', isDown: true }
    expect(names(sorted)).toEqual(['Boat', 'Van 10', 'van 9'])
  })

  it('goes up, down, and back to how the rows came; its head says which', async () => {
    expect(turned({ by: 'm', isDown: true }, 'm')).toBeUndefined()
    const head = mount(SortHead, { props: { by: 'm', name: 'Length' } })
    expect(head.attributes('aria-sort')).toBe('none')
    await head.find('button').trigger('click')
    expect(head.emitted('update:sort')?.[0]).toEqual([{ by: 'm', isDown: false }])
    await head.setProps({ sort: { by: 'm', isDown: false } })
    expect(head.attributes('aria-sort')).toBe('ascending')
  })
})
