import { useSessionStorage } from '@vueuse/core'
import type { Router } from 'vue-router'

/** The installation that somebody left for a plan, a sheet, a calibration: its id, or '' on other errands. */
const cameFrom = useSessionStorage('dorada.came-from', '')

export const useCameFrom = () => cameFrom

/** Remembers it as pages are changed: the way back is offered until one is on the board or at an installation again. */
export function rememberWhere(router: Router): void {
  router.afterEach((to, from) => {
    if (to.path === '/' || to.path.startsWith('/installations')) cameFrom.value = ''
    else if (typeof from.params.id === 'string') cameFrom.value = from.params.id
  })
}
