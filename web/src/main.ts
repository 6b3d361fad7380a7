import { MutationCache, QueryCache, QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { Problem } from '@/api/client'
import { me } from '@/api/people'
import App from './App.vue'
import { router } from './router'
import './theme/look.css'

/** A session that ended leads to the sign-in page; drafts wait in the browser. */
function onError(error: Error) {
  if (error instanceof Problem && error.status === 401) queries.setQueryData(me.queryKey, null)
}

const queries = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: {
    queries: {
      staleTime: 2_000,
      // An answer is read, never changed: no curve of thousands of points is watched point by point.
      shallow: true,
      networkMode: 'always',
      // Only a lost connection, or a database just being opened again, is worth another try; what the server refused it will
      // refuse again.
      retry: (count, error) =>
        error instanceof Problem && (error.isUnanswered || error.status === 503) && count < 3,
    },
    // Said at once and kept on the screen, instead of waiting in silence for the network.
    mutations: { networkMode: 'always' },
  },
})

createApp(App).use(createPinia()).use(VueQueryPlugin, { queryClient: queries }).use(router).mount('#app')
