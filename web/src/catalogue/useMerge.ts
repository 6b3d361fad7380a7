import { answer, api } from '@/api/client'
import { useForm } from '@/shell/useForm'
import { notify } from '@/ui/notices'
import { useWords } from '@/words/words'
import { useRenewNames, type Name } from './queries'

/** Puts two names of one thing together: what named the one names the other, and the one is laid aside. */
export function useMerge() {
  const words = useWords()
  const renew = useRenewNames()
  const { trouble, submit } = useForm()
  const merge = (leaves: Name, stays: Name) =>
    submit(async () => {
      const { renamedCount } = await answer(
        api.POST('/api/catalogue/{id}/merge', {
          params: { path: { id: leaves.id } },
          body: { into: stays.id },
        }),
      )
      notify(words.value.text('catalogue.MERGED', { name: stays.name, renamedCount }))
      await renew()
    })
  const reallyMerge = (stays: Name, leaves: Name) =>
    words.value.text('catalogue.MERGE_REALLY', {
      name: stays.name,
      other: leaves.name,
      count: leaves.usedCount,
    })
  return { trouble, reallyMerge, merge }
}
