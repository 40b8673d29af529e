package nimblefurrow.e2e;

import com.microsoft.playwright.Locator;
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
                if (e.ownerSVGElement) continue;
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
}
