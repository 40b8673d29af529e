import { describe, expect, it } from 'vitest'
import type { Board, Job } from '../../work/board'
import { rowsOf } from './rows'

const shown = ['2026-10-01', '2026-10-02', '2026-10-03', '2026-10-04']
const job = {
  id: { cover: 'a', operation: 'SEED' },
  after: [],
  place: { machineId: 'm', days: [{ day: '2026-10-02', hours: 9, acres: 30, road: 0 }] },
} as unknown as Job
const board = {
  machines: [
    { id: 'idle', kind: 'ROLLER' },
    { id: 'm', kind: 'DRILL' },
  ],
  fit: [
    { kind: 'DRILL', first: '2026-10-01', low: [1, 2], counted: [5, 6], high: [7, 12], chances: [50, 60] },
    { kind: 'ROLLER', first: '2026-10-01', low: [0], counted: [0], high: [0], chances: [0] },
  ],
  notHad: [{ machineId: 'm', days: ['2026-10-03'] }],
} as unknown as Board

const rows = (over = {}) => rowsOf(board, [job], shown, { room: 1.5, lastOf: new Map(), soFar: [], ...over })

describe('rows of the board', () => {
  it('puts machines with work first and gives each the height of its longest day', () => {
    const [busy, idle] = rows()
    expect([busy!.machine.id, busy!.most, busy!.tallest, busy!.idle]).toEqual(['m', 12, 18, false])
    expect([idle!.machine.id, idle!.most, idle!.idle]).toEqual(['idle', 8, true])
  })

  it('has no hours on a day away, and none beyond what is known', () => {
    const [busy] = rows()
    expect(busy!.bands[0]).toEqual({ low: 1, counted: 5, high: 7, chance: 50 })
    expect(busy!.bands[2]).toBeNull()
    expect(busy!.bands[3]).toEqual({ low: 0, counted: 0, high: 0, chance: 0 })
  })

  it('runs a job on to its late day, no farther than the drawing', () => {
    const late = (day: string) => rows({ lastOf: new Map([['a SEED', day]]) })[0]!.tails.map((t) => t.columns)
    expect(late('2026-10-02')).toEqual([])
    expect(late('2026-10-03')).toEqual([1])
    expect(late('2026-11-20')).toEqual([2])
  })

  it('draws where a search has a machine busy once, within the days in sight', () => {
    const soFar = ['2026-10-04', '2026-10-04', '2026-09-30', '2026-10-05'].map((day) => ({ machineId: 'm', day }))
    expect(rows({ soFar })[0]!.ghosts).toEqual([3])
  })
})
