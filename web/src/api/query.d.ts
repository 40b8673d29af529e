import '@tanstack/vue-query'

declare module '@tanstack/vue-query' {
  interface Register {
    /** What is being worked out while it is fetched, in the farm's words. */
    queryMeta: { says?: string }
  }
}
