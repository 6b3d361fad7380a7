import { createPinia, setActivePinia } from 'pinia'
import { beforeAll, beforeEach } from 'vitest'
import { loadLanguage } from '@/words/catalogues'
import '@/words/words'

// Whatever says something asks for the person's language and unit.
beforeEach(() => setActivePinia(createPinia()))
beforeAll(() => loadLanguage('es'))
