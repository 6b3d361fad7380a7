package dorada.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;

/** Whether everything on a page has its place: nothing beside its card or at its very edge, no page wider than the screen. */
final class Layout {

    /** A pixel or two is what a browser rounds. */
    private static final String MISPLACED = """
            () => {
              const wrong = []
              const name = e => `${e.tagName} “${(e.textContent || e.value || '').trim().slice(0, 40)}”`
              const isSeen = e => {
                const box = e.getBoundingClientRect()
                const folded = e.closest('details:not([open])')
                return box.width > 2 && box.height > 2 && (!folded || e.closest('summary')?.parentElement === folded)
                  && getComputedStyle(e).visibility !== 'hidden' && !e.closest('.visually-hidden, .within-reach')
              }
              const isPushedAlong = (e, card) => {
                for (let p = e.parentElement; p && p !== card.parentElement; p = p.parentElement) {
                  const style = getComputedStyle(p)
                  if (/auto|scroll|hidden|clip/.test(style.overflowX + style.overflowY)) return true
                }
                return false
              }
              for (const card of document.querySelectorAll('.card')) {
                const edge = card.getBoundingClientRect()
                if (!edge.height) continue
                for (const e of card.querySelectorAll('button, a, input, p, span, label, td, th, h2, h3, dt, dd, output')) {
                  if (!isSeen(e) || e.closest('svg') || isPushedAlong(e, card)) continue
                  const box = e.getBoundingClientRect()
                  if (box.bottom > edge.bottom + 2 || box.right > edge.right + 2 || box.left < edge.left - 2) {
                    wrong.push('beside its card: ' + name(e))
                  } else if (box.left < edge.left + 4 && box.width > 20) {
                    wrong.push('at the edge of its card: ' + name(e))
                  }
                }
              }
              for (const e of document.querySelectorAll('td, th, dd, b, em, output')) {
                const text = e.childNodes.length === 1 && e.firstChild.nodeType === 3 ? e.textContent.trim() : ''
                if (!isSeen(e) || !/^[−-]?[0-9./]+\\s(mm|m|in|ft|MHz|dB|W|Ω)$/.test(text)) continue
                const range = document.createRange()
                range.selectNodeContents(e)
                const lines = new Set([...range.getClientRects()].map(r => Math.round(r.top)))
                if (lines.size > 1) wrong.push('number and unit on two lines: ' + name(e))
              }
              if (document.documentElement.scrollWidth > innerWidth + 1) wrong.push('wider than the screen')
              return [...new Set(wrong)].slice(0, 5)
            }
            """;

    private Layout() {}

    @SuppressWarnings("unchecked")
    static void check(Page page, String view) {
        assertThat((List<String>) page.evaluate(MISPLACED)).as(view).isEmpty();
    }
}
