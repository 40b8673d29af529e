package nimblefurrow.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;

/** Where things stand on the page: what lies on another, and what is cut off. */
final class Boxes {
  private Boxes() {}

  /** The words of every two boxes that lie on each other by more than a pixel. */
  @SuppressWarnings("unchecked")
  static List<String> overlapping(Locator boxes) {
    return (List<String>)
        boxes.evaluateAll(
            """
            all => {
              if (all.length < 2) return ['fewer than two boxes to compare'];
              const found = [];
              all.forEach((a, i) => all.slice(i + 1).forEach(b => {
                const p = a.getBoundingClientRect(), q = b.getBoundingClientRect();
                const wide = Math.min(p.right, q.right) - Math.max(p.left, q.left);
                const high = Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top);
                if (wide > 1 && high > 1) found.push(a.innerText.slice(0, 40) + ' / ' + b.innerText.slice(0, 40));
              }));
              return found;
            }
            """);
  }

  /**
   * What within a box is wider or higher than the room it has, and so is hidden or sticks out. What
   * is drawn ends at its drawing's edge and is not asked.
   */
  @SuppressWarnings("unchecked")
  static List<String> cutOff(Locator box) {
    return (List<String>)
        box.evaluate(
            """
            root => {
              const edge = root.getBoundingClientRect(), found = [];
              for (const e of [root, ...root.querySelectorAll('*')]) {
                // The ring that runs out of a pressed button is no content.
                if (e.ownerSVGElement || e.closest('.v-ripple__container')) continue;
                const r = e.getBoundingClientRect();
                const hides = getComputedStyle(e).overflow !== 'visible';
                if (hides && (e.scrollHeight > e.clientHeight + 1 || e.scrollWidth > e.clientWidth + 1)
                    || r.right > edge.right + 1 || r.bottom > edge.bottom + 1)
                  found.push(e.tagName + ' ' + (e.innerText ?? '').slice(0, 40));
              }
              return found;
            }
            """);
  }

  /**
   * What a person would stumble over on the whole page: two controls or headings on each other,
   * words cut off without a sign, words smaller than 12 pixels, a page wider than its window; of
   * the first two screens, since the rest repeats them.
   */
  @SuppressWarnings("unchecked")
  static List<String> faults(Page page) {
    return (List<String>)
        page.evaluate(
            """
            () => {
              const found = [], said = e => (e.innerText ?? e.value ?? e.getAttribute('aria-label') ?? '').trim()
                .slice(0, 40) || e.tagName;
              const seen = e => {
                const r = e.getBoundingClientRect(), s = getComputedStyle(e);
                return r.width > 1 && r.height > 1 && r.top < 2 * innerHeight && s.visibility === 'visible' && s.opacity !== '0'
                  && e.checkVisibility();
              };
              const wide = document.documentElement.scrollWidth - innerWidth;
              if (wide > 1) found.push('the page is ' + wide + ' pixels wider than its window');
              // What lies in a box of its own that scrolls is told apart by the box that cuts it.
              const cut = (e, r) => {
                let box = {left: r.left, top: r.top, right: r.right, bottom: r.bottom};
                for (let p = e.parentElement; p; p = p.parentElement) {
                  if (getComputedStyle(p).overflow === 'visible') continue;
                  const q = p.getBoundingClientRect();
                  box = {left: Math.max(box.left, q.left), top: Math.max(box.top, q.top),
                    right: Math.min(box.right, q.right), bottom: Math.min(box.bottom, q.bottom)};
                }
                return box;
              };
              const things = [...document.querySelectorAll(
                'main button, main a, main h1, main h2, main h3, main select, main .v-field, main [role=slider]')]
                .filter(seen).filter(e => !e.closest('.ol-viewport, svg, .v-overlay, .waiting'));
              const boxes = things.map(e => cut(e, e.getBoundingClientRect()));
              things.forEach((a, i) => things.slice(i + 1).forEach((b, j) => {
                if (a.contains(b) || b.contains(a)) return;
                if (a.closest('.floats') || b.closest('.floats')) return;
                const p = boxes[i], q = boxes[i + 1 + j];
                const w = Math.min(p.right, q.right) - Math.max(p.left, q.left);
                const h = Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top);
                if (w > 2 && h > 2) found.push(said(a) + ' lies on ' + said(b));
              }));
              for (const e of document.querySelectorAll('main *')) {
                if (e.ownerSVGElement || e.closest('.sr, .v-overlay, .waiting, .ol-viewport')) continue;
                const own = [...e.childNodes].some(n => n.nodeType === 3 && n.textContent.trim());
                if (!own || !seen(e)) continue;
                const s = getComputedStyle(e);
                if (parseFloat(s.fontSize) < 12) found.push(s.fontSize + ': ' + said(e));
                if (s.overflow === 'hidden' && s.textOverflow !== 'ellipsis'
                    && (e.scrollWidth > e.clientWidth + 1 || e.scrollHeight > e.clientHeight + 3))
                  found.push('cut off: ' + said(e));
              }
              for (const t of document.querySelectorAll('main svg text')) {
                const scale = t.getScreenCTM()?.a ?? 1;
                const size = parseFloat(getComputedStyle(t).fontSize) * scale;
                if (t.checkVisibility() && size < 11.5) found.push(size.toFixed(1) + 'px: ' + t.textContent);
              }
              return [...new Set(found)];
            }
            """);
  }
}
