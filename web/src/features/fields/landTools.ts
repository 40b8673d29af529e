import { computed, reactive, ref, watch, type ComputedRef, type Ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { figure, type useAct } from '../../parts/act'
import type { LandMap } from './landMap'

export type Tool = 'look' | 'draw' | 'edit' | 'hole' | 'split' | 'join' | 'zone' | 'mark'

/** A mark as it is typed. */
export interface Mark {
  kind: Schemas['MarkForm']['kind']
  name: string
  keepAwayFt: string
  shape: 'Point' | 'LineString' | 'Polygon'
  longitude: string
  latitude: string
}
const SHAPES = { POINT: 'Point', LINE: 'LineString', AREA: 'Polygon' } as const

export type Act = ReturnType<typeof useAct>['act']

const ASKS: Record<Tool, string> = {
  look: '',
  draw: 'Tap the corners; double tap ends. Corners snap to neighbours.',
  edit: 'Pull a corner or an edge; it snaps to neighbours.',
  hole: 'Draw the pond or grove inside the field.',
  split: 'Draw a line from outside to outside.',
  join: 'Tap the neighbour on the map, or choose it.',
  zone: 'Draw the part that is unlike the rest; it is cut to the field.',
  mark: 'Draw it on the map; double tap ends a line or an area.',
}

/** What is drawn on the map, and what becomes of it: one tool is in hand at a time. */
export function useLandTools(
  map: () => LandMap | null,
  land: Ref<Schemas['LandMap'] | undefined>,
  chosen: ComputedRef<Schemas['FieldView'] | undefined>,
  name: Ref<string>,
  act: Act,
) {
  const tool = ref<Tool>('look')
  const joining = ref('')
  const edits = ref<string[]>([])
  /** The field's state on which its boundary is changed. */
  let edited: number | undefined
  const asks = computed(() => ASKS[tool.value])

  function look() {
    tool.value = 'look'
    edits.value = []
    joining.value = ''
    map()?.stop()
  }
  function use(wanted: Tool) {
    look()
    tool.value = wanted
    if (wanted === 'draw')
      map()?.draw(
        'Polygon',
        (shape) =>
          void after(
            () => got(api.POST('/api/v1/land', { body: { name: name.value.trim() || 'New field', shape } })),
            'Drawn.',
          ),
      )
    if (wanted === 'hole')
      map()?.draw(
        'Polygon',
        (shape) =>
          void after(
            () =>
              got(
                api.POST('/api/v1/land/{id}/hole', {
                  params: { path: { id: chosen.value!.id } },
                  body: { shape, version: chosen.value?.version },
                }),
              ),
            'The hole is taken out.',
          ),
      )
    if (wanted === 'zone')
      map()?.draw(
        'Polygon',
        (boundary) =>
          void after(
            () =>
              got(
                api.POST('/api/v1/fields/{id}/zones', {
                  params: { path: { id: chosen.value!.id } },
                  body: { name: name.value.trim() || `Zone ${(chosen.value?.zones.length ?? 0) + 1}`, boundary },
                }),
              ),
            'The zone is drawn; its soil is set under “Land, crops, sprays”.',
          ),
      )
    if (wanted === 'split')
      map()?.draw(
        'LineString',
        (line) =>
          void after(
            () =>
              got(
                api.POST('/api/v1/land/{id}/split', {
                  params: { path: { id: chosen.value!.id } },
                  body: { line, name: name.value.trim() || `${chosen.value?.name} 2` },
                }),
              ),
            'Split: the larger part keeps its name and logbook.',
          ),
      )
    if (wanted === 'edit') {
      edits.value = [chosen.value!.boundary]
      edited = chosen.value!.version
      map()?.modify((shape) => edits.value.push(shape))
    }
    if (wanted === 'mark') map()?.draw(mark.shape, (shape) => void addMark(shape))
  }
  /** What was refused stays as it was typed and pulled. */
  async function after(asked: () => Promise<unknown>, words: string) {
    const done = await act(() => asked().then(() => true), words)
    if (done) name.value = ''
    if (done || tool.value !== 'edit') look()
  }
  /** Kept while a field is looked at: its form comes and goes. */
  const mark = reactive<Mark>({
    kind: 'WIRE',
    name: '',
    keepAwayFt: '',
    shape: 'Point',
    longitude: '',
    latitude: '',
  })
  watch(
    [() => mark.kind, () => land.value?.kinds],
    ([kind, kinds]) => {
      const known = kinds?.find((k) => k.kind === kind)
      mark.keepAwayFt = String(known?.keepAwayFt ?? '')
      mark.shape = SHAPES[known?.drawn ?? 'POINT']
    },
    { immediate: true },
  )
  const addMark = (shape: string) =>
    after(
      () =>
        got(
          api.POST('/api/v1/marks', {
            body: { kind: mark.kind, name: mark.name, shape, keepAwayFt: figure(mark.keepAwayFt) },
          }),
        ),
      'Marked.',
    )
  const pointMark = () =>
    addMark(JSON.stringify({ type: 'Point', coordinates: [Number(mark.longitude), Number(mark.latitude)] }))
  function stepBack() {
    edits.value.pop()
    map()?.put(edits.value[edits.value.length - 1]!)
  }
  const saveEdit = () =>
    after(
      () =>
        got(
          api.PUT('/api/v1/land/{id}/boundary', {
            params: { path: { id: chosen.value!.id } },
            body: { shape: edits.value[edits.value.length - 1]!, version: edited },
          }),
        ),
      'Boundary saved.',
    )
  const join = () =>
    after(
      () =>
        got(
          api.POST('/api/v1/land/{id}/join', {
            params: { path: { id: chosen.value!.id } },
            body: { other: joining.value },
          }),
        ),
      'Joined.',
    )
  return { tool, asks, edits, joining, look, use, mark, pointMark, stepBack, saveEdit, join }
}
