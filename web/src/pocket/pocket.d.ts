/** Core's own rules of scouting, translated when the project is built; see the module pocket. */
type Numbers = ArrayLike<number>
export function stemVerdict(
  ready: number,
  notReady: number,
  wrong: number,
  likeness: number,
  leastSpots: number,
  mostStems: number,
  spots: number,
  stems: number,
  past: number,
): 'READY' | 'WAIT' | 'COUNT_ON'
export function stemInterval(likeness: number, spots: number, stems: number, past: number): Numbers
export function countedReady(
  mean: number,
  sd: number,
  heat: number,
  likeness: number,
  scatter: number,
  observer: number,
  share: number,
  spots: number,
  stems: number,
  past: number,
): Numbers
export function clipped(frameSquareFeet: number, dryGrams: number[], wide: number): Numbers
export function stand(plants: number[], squareFeet: number, stemsPerPlant: number): Numbers
export function squareFeetOfRow(feet: number, rowInches: number): number
export function dryGrams(wetGrams: number, moisture: number): number
export function moisture(wetGrams: number, dryGrams: number): number
export function standVerdict(stand: number, good: number, fair: number, stems: boolean): 'GOOD' | 'FAIR' | 'POOR'
export function readings(values: number[]): Numbers
export function leavesLost(lit: number[], full: number): number
export function greenPoints(rgba: number[]): Numbers
