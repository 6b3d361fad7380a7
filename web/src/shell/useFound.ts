import { refDebounced } from '@vueuse/core'
import { computed, type Ref } from 'vue'
import { useBook } from '@/book/queries'
import { useLessons } from '@/lesson/queries'
import { useBoard } from '@/api/board'
import { useCalibrations } from '@/api/calibrations'
import { useSavedSheets } from '@/api/cutSheets'
import { useSavedPlans } from '@/api/plans'
import { reads } from '@/ui/reads'
import { useWords } from '@/words/words'
import { pagesFor, PLACES } from './places'

const MOST_OF_A_KIND = 6
const SETTLED_MS = 150

/**
 * What of the shop and of the program is called by `text`: options whose values are addresses.
 *
 * @example const { options } = useFound(text, isViewer)
 */
export function useFound(text: Ref<string>, isViewer: Ref<boolean>) {
  const words = useWords()
  const settled = refDebounced(text, SETTLED_MS)
  const board = useBoard(settled)
  const book = useBook(computed(() => ({ search: settled.value, page: 0, size: MOST_OF_A_KIND })))
  const lessons = useLessons()
  const { plans } = useSavedPlans()
  const { sheets } = useSavedSheets()
  const { calibrations } = useCalibrations()

  /** As it is written, at once; then what the book forgives: a wrong letter, a channel, a length, a word in a note. */
  const installations = computed(() => {
    const found = [...(board.cards.value ?? []).slice(0, MOST_OF_A_KIND), ...(book.data.value?.rows ?? [])]
    return [...new Map(found.map((c) => [c.id, c])).values()].slice(0, MOST_OF_A_KIND)
  })
  const options = computed(() => {
    const group = (id: string) => words.value.text(`shell.found.${id}`)
    const some = <T>(id: string, all: T[] | undefined, word: (t: T) => string, path: (t: T) => string) =>
      (all ?? [])
        .filter((t) => reads(word(t), text.value))
        .slice(0, MOST_OF_A_KIND)
        .map((t) => ({ value: path(t), word: word(t), group: group(id) }))
    const pages = PLACES.flatMap((place) =>
      pagesFor(place, isViewer.value).map((p) => ({
        path: p.path,
        word: `${words.value.text(`shell.page.${p.id}`)} · ${words.value.text(`shell.place.${place.id}`)}`,
      })),
    )
    return [
      ...installations.value.map((c) => ({
        value: `/installations/${c.id}`,
        word: `${c.shopNumber} ${c.title}`,
        group: group('INSTALLATIONS'),
      })),
      ...some(
        'LESSONS',
        lessons.data.value,
        (l) => l.says,
        () => '/lessons',
      ),
      ...some(
        'SHEETS',
        sheets.data.value,
        (s) => s.name,
        (s) => `/cutting?sheet=${s.id}`,
      ),
      ...some(
        'PLANS',
        plans.data.value,
        (p) => p.name,
        (p) => `/plan?open=${p.id}`,
      ),
      ...some(
        'CALIBRATIONS',
        calibrations.data.value,
        (c) => c.name,
        () => '/desk/calibrations',
      ),
      ...some(
        'PAGES',
        pages,
        (p) => p.word,
        (p) => p.path,
      ),
    ]
  })
  return {
    options,
    isLooking: computed(() => text.value !== '' && (board.isFetching.value || book.isFetching.value)),
  }
}
