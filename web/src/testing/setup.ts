import { createPinia, setActivePinia } from 'pinia'
import { beforeEach } from 'vitest'

// Whatever says something asks for the person's language and unit.
beforeEach(() => setActivePinia(createPinia()))
