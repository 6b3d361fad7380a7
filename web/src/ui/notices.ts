import { createDiscreteApi, darkTheme, type MessageApi } from 'naive-ui'
import { computed, h } from 'vue'
import { usePreferences } from '@/preferences'
import { naiveOverrides } from '@/theme/naive'

const STAYS_MS = 8000
let messages: MessageApi | undefined

/** Says for a moment what was done, over whatever page one goes on to; what must not be missed stands on the page itself. */
export function notify(text: string): void {
  const preferences = usePreferences()
  messages ??= createDiscreteApi(['message'], {
    configProviderProps: computed(() => ({
      theme: preferences.look === 'night' ? darkTheme : null,
      themeOverrides: naiveOverrides(preferences.look),
    })),
  }).message
  messages.create(() => h('span', { role: 'status' }, text), { duration: STAYS_MS, closable: true })
}
