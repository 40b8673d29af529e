// What a browser has and jsdom has not: nothing is laid out, so nothing is ever resized or in sight.
class Idle {
  observe() {}
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver = Idle as unknown as typeof ResizeObserver
globalThis.IntersectionObserver = Idle as unknown as typeof IntersectionObserver
globalThis.visualViewport = new EventTarget() as unknown as VisualViewport
window.matchMedia = () => Object.assign(new EventTarget(), { matches: false }) as unknown as MediaQueryList
Element.prototype.scrollIntoView = () => {}
