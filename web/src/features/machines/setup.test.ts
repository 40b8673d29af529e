import { describe, expect, it } from 'vitest'
import { partsOf } from './setup'

const keys = (kind: Parameters<typeof partsOf>[0], hired = false) =>
  partsOf(kind, hired).flatMap((g) => g.parts.map((p) => p.key))

describe('what a machine is asked for', () => {
  it('asks a drone for batteries and a drill for rows', () => {
    expect(keys('DRONE')).toContain('batteries')
    expect(keys('DRONE')).not.toContain('rowSpacingIn')
    expect(keys('DRILL')).toContain('rowSpacingIn')
    expect(keys('DRILL')).not.toContain('batteries')
  })

  it('asks an own machine what it costs and a hired one what it charges', () => {
    expect(keys('DRILL')).toContain('fixedPerYear')
    expect(keys('DRILL', true)).not.toContain('fixedPerYear')
    expect(keys('DRILL', true)).toContain('quotePerAcre')
  })

  it('asks nothing twice', () => {
    for (const kind of ['DRILL', 'DRONE', 'AIRPLANE', 'SLURRY', 'COMBINE_SEEDER', 'BROADCAST', 'SPRAYER'] as const) {
      expect(new Set(keys(kind)).size).toBe(keys(kind).length)
    }
  })
})
