import { beforeEach, describe, expect, it } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { rememberWhere, useCameFrom } from './cameFrom'

const component = { template: '<p />' }
const made = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: ['/', '/installations/:id', '/plan', '/cutting'].map((path) => ({ path, component })),
  })

describe('the way back to an installation', () => {
  beforeEach(() => {
    useCameFrom().value = ''
  })

  it('is kept from page to page until one is there again', async () => {
    const router = made()
    rememberWhere(router)
    const visits = async (...paths: string[]) => {
      for (const path of paths) await router.push(path)
      return useCameFrom().value
    }
    expect(await visits('/plan')).toBe('')
    expect(await visits('/installations/i7', '/plan', '/cutting')).toBe('i7')
    expect(await visits('/installations/i7')).toBe('')
    expect(await visits('/cutting')).toBe('i7')
    expect(await visits('/', '/plan')).toBe('')
  })
})
