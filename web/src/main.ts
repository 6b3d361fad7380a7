import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { Problem } from '@/api/client'
import App from './App.vue'
import { router } from './router'
import './theme/look.css'

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 2_000,
      // Only a lost connection is worth another try; what the server refused it will refuse again.
      retry: (count, error) => error instanceof Problem && error.isUnanswered && count < 3,
    },
  },
})

createApp(App).use(createPinia()).use(VueQueryPlugin, { queryClient: queries }).use(router).mount('#app')
