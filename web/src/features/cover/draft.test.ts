import { beforeEach, describe, expect, it, vi } from 'vitest'
import { copy, dropDrafts, keepDrafts, rateUnits, readDrafts, usual } from './draft'

describe('drafts of a cover', () => {
  beforeEach(() => {
    const kept = new Map<string, string>()
    vi.stubGlobal('localStorage', {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => kept.set(k, v),
      removeItem: (k: string) => kept.delete(k),
    })
  })

  it('are kept by field and come back whole', () => {
    keepDrafts('a', [usual])
    expect(readDrafts('a')).toEqual([usual])
    expect(readDrafts('b')).toBeNull()
    dropDrafts('a')
    expect(readDrafts('a')).toBeNull()
  })

  it('bear what cannot be read', () => {
    localStorage.setItem('furrow-cover-a', '{broken')
    expect(readDrafts('a')).toBeNull()
    localStorage.setItem('furrow-cover-a', '[]')
    expect(readDrafts('a')).toBeNull()
  })

  it('are copied, not shared', () => {
    const other = copy(usual)
    other.members[0]!.share = 2
    expect(usual.members[0]!.share).toBe(1)
  })

  it('take rates in four units', () => {
    expect(rateUnits.map((u) => u.value)).toEqual(['LB_AC', 'BU_AC', 'KG_HA', 'SEEDS_FT2'])
  })
})
