import './jsdom'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { enableAutoUnmount, mount, type VueWrapper } from '@vue/test-utils'
import { afterEach } from 'vitest'
import type { Component } from 'vue'
import { vuetify } from '../theme'

enableAutoUnmount(afterEach)

/** A component as it stands on a page, with the pages' own controls. */
export function mounted(what: Component, props: Record<string, unknown>): VueWrapper {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  return mount(what, {
    props,
    attachTo: document.body,
    global: { plugins: [vuetify, [VueQueryPlugin, { queryClient: queries }]] },
  })
}

/** The input that a person would find by its label. */
export function input(page: VueWrapper, label: string) {
  const found = page.findAll('.v-input').filter((i) => i.find('label')?.text() === label)
  if (found.length === 0) throw new Error(`no input ${label} among ${labels(page).join(' | ')}`)
  return found[0]!.find('input')
}

export const labels = (page: VueWrapper) => page.findAll('label').map((l) => l.text())

/** The button that carries these words. */
export function button(page: VueWrapper, words: string) {
  const found = page.findAll('button').find((b) => b.text() === words)
  if (!found) throw new Error(`no button ${words}`)
  return found
}

export const last = (page: VueWrapper, event: string): unknown => page.emitted(event)?.at(-1)?.[0]
