import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import PasswordCard from './PasswordCard.vue'
import PersonRow from './PersonRow.vue'
import SessionsCard from './SessionsCard.vue'

const noa = { id: 'n', login: 'noa', displayName: 'Noa', role: 'TECHNICIAN' as const, active: true }
const sent: { method: string; path: string; body: unknown }[] = []

function answering(status: number, body?: unknown) {
  vi.stubGlobal('fetch', async (request: Request) => {
    sent.push({ method: request.method, path: new URL(request.url).pathname, body: await request.json() })
    return new Response(body === undefined ? null : JSON.stringify(body), {
      status,
      headers: { 'Content-Type': 'application/json' },
    })
  })
}

afterEach(() => {
  vi.unstubAllGlobals()
  sent.length = 0
})

const row = (person: typeof noa, isLead: boolean) =>
  mount(
    {
      components: { PersonRow },
      props: ['person', 'isLead'],
      template: '<table><PersonRow v-bind="$props" /></table>',
    },
    { props: { person, isLead }, global: { plugins: [VueQueryPlugin] } },
  )

describe('a person', () => {
  it('is looked after by a lead alone', () => {
    expect(row(noa, false).find('button').exists()).toBe(false)
    expect(row(noa, true).text()).toContain('New password')
    expect(row({ ...noa, active: false }, false).text()).toContain('has left')
  })
  it('leaves and comes back', async () => {
    answering(200, { ...noa, active: false })
    const wrapper = row(noa, true)
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Has left')
      ?.trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      path: '/api/people/n',
      body: { role: 'TECHNICIAN', active: false },
    })
  })
  it('gets a new password, and is told why one will not do', async () => {
    answering(422, { detail: 'This password is among the first that are tried.', field: 'password' })
    const wrapper = row(noa, true)
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'New password')
      ?.trigger('click')
    await wrapper.get('input[type=password]').setValue('password1')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.text()).toContain('among the first that are tried')
    answering(204)
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.text()).toContain('Noa has a new password')
  })
})

describe('the own password', () => {
  it('asks for the one of now', async () => {
    answering(422, { detail: 'This is not your present password.', field: 'current' })
    const wrapper = mount(PasswordCard)
    const [current, next] = wrapper.findAll('input')
    await current?.setValue('wrong')
    await next?.setValue('as grey as the quay')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.body).toEqual({ current: 'wrong', password: 'as grey as the quay' })
    expect(wrapper.text()).toContain('not your present password')
    answering(204)
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.text()).toContain('You are signed out everywhere else')
  })
})

describe('sessions and tokens', () => {
  const listing = (answers: Record<string, unknown>) =>
    vi.stubGlobal('fetch', async (request: Request) => {
      const path = new URL(request.url).pathname
      sent.push({ method: request.method, path, body: undefined })
      return new Response(request.method === 'GET' ? JSON.stringify(answers[path]) : null, {
        status: request.method === 'GET' ? 200 : 204,
        headers: { 'Content-Type': 'application/json' },
      })
    })
  const at = '2026-03-01T08:00:00Z'

  it('says where one is signed in, and signs out there', async () => {
    const one = { since: at, seen: at, address: '10.0.0.7', here: false }
    listing({
      '/api/sessions': [
        { ...one, id: 'a', here: true },
        { ...one, id: 'b' },
      ],
    })
    const card = mount(SessionsCard, { global: { plugins: [VueQueryPlugin] } })
    await flushPromises()
    expect(card.findAll('li')).toHaveLength(2)
    expect(card.findAll('li button')).toHaveLength(1)
    await card.find('li button').trigger('click')
    await flushPromises()
    expect(sent).toContainEqual({ method: 'DELETE', path: '/api/sessions/b', body: undefined })
  })

  it('a lead withdraws the token of somebody else', async () => {
    listing({ '/api/people/n/tokens': [{ id: 't', name: 'weekly export', createdAt: at }] })
    const wrapper = row(noa, true)
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Tokens')
      ?.trigger('click')
    await flushPromises()
    expect(wrapper.text()).toContain('weekly export')
    await wrapper
      .findAll('button')
      .find((b) => b.text() === 'Withdraw')
      ?.trigger('click')
    await flushPromises()
    expect(sent).toContainEqual({ method: 'DELETE', path: '/api/tokens/t', body: undefined })
  })
})
