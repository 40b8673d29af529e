import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, got, type Schemas } from './client'

/*
 * What the server keeps and works out, one use…() for each: it alone knows the resource's key. A part of a season
 * hangs on nearly all that a farm enters (a machine's width moves a job, a sprayed field a window), so a change makes
 * everything stale; what is in sight is loaded anew, the rest when it is next looked at. Only what moves jobs alone is
 * told apart.
 */

type At<T> = MaybeRefOrGetter<T>
type Way = Schemas['TerminationAnswer']['termination']

export function useRefresh() {
  const cache = useQueryClient()
  /** A first answer still under way is of the time before, and would stay: it is dropped, not waited for. */
  const anew = async (filters?: { queryKey: string[] }) => {
    await cache.cancelQueries(filters)
    await cache.invalidateQueries(filters)
  }
  return {
    /** Something was entered: all that is in sight is loaded anew. */
    all: () => anew(),
    /** A job was placed or moved: the sheet and the board are; nothing else hangs on it. */
    jobs: () => Promise.all([anew({ queryKey: ['dispatch'] }), anew({ queryKey: ['season'] })]),
    /** Somebody else signs in: nothing of the farm before stays. */
    forget: () => cache.clear(),
    /** The same person goes on with another farm: nothing of the one before is shown any more. */
    farm: () => cache.resetQueries(),
  }
}

/** What can be chosen, in the server's words. */
export const useChoices = () =>
  useQuery({ queryKey: ['choices'], queryFn: () => got(api.GET('/api/v1/choices')), staleTime: Infinity })

export const useSpecies = () =>
  useQuery({ queryKey: ['species'], queryFn: () => got(api.GET('/api/v1/species')), staleTime: 60_000 })

export const useMixes = () => useQuery({ queryKey: ['mixes'], queryFn: () => got(api.GET('/api/v1/mixes')) })

export const useFarm = () => useQuery({ queryKey: ['farm'], queryFn: () => got(api.GET('/api/v1/farm')) })

export const useWeather = () =>
  useQuery({
    meta: { says: 'Reading the weather' },
    queryKey: ['weather'],
    queryFn: () => got(api.GET('/api/v1/weather')),
  })

/** Heat of this year against those before. */
/** A ground that work is asked for; empty: the one that most fields have. */
export interface Ground {
  soil?: Schemas['GroundView']['soil']
  tiled?: boolean
  living?: boolean
}

export const useAhead = (ground: At<Ground>) =>
  useQuery({
    meta: { says: 'Working out the hours of ten days' },
    queryKey: ['weather', 'ahead', ground],
    queryFn: () => got(api.GET('/api/v1/weather/ahead', { params: { query: toValue(ground) } })),
    placeholderData: keepPreviousData,
  })

export const useFit = (ground: At<Ground>) =>
  useQuery({
    meta: { says: 'Counting fit days' },
    queryKey: ['weather', 'fit', ground],
    queryFn: () => got(api.GET('/api/v1/weather/fit', { params: { query: toValue(ground) } })),
    placeholderData: keepPreviousData,
  })

export const useYear = () =>
  useQuery({ queryKey: ['weather', 'year'], queryFn: () => got(api.GET('/api/v1/weather/year')) })

export const useSaid = () =>
  useQuery({ queryKey: ['weather', 'said'], queryFn: () => got(api.GET('/api/v1/weather/said')) })

export const useRight = () =>
  useQuery({
    meta: { says: 'Looking up what was told' },
    queryKey: ['right'],
    queryFn: () => got(api.GET('/api/v1/right')),
  })

export const useScenarios = () =>
  useQuery({ queryKey: ['weather', 'scenarios'], queryFn: () => got(api.GET('/api/v1/weather/scenarios')) })

export const useFields = () =>
  useQuery({
    meta: { says: 'Reading the fields' },
    queryKey: ['fields'],
    queryFn: () => got(api.GET('/api/v1/fields')),
  })

export const useLand = () =>
  useQuery({ meta: { says: 'Reading the map' }, queryKey: ['land'], queryFn: () => got(api.GET('/api/v1/land')) })

export const useMachines = () => useQuery({ queryKey: ['machines'], queryFn: () => got(api.GET('/api/v1/machines')) })

/** Crops of all fields by harvest years. */
export const useCropTable = (from: At<number>, years: number) =>
  useQuery({
    queryKey: computed(() => ['crops', toValue(from), years]),
    queryFn: () => got(api.GET('/api/v1/crops', { params: { query: { from: toValue(from), years } } })),
    placeholderData: keepPreviousData,
  })

/** What a new farm still lacks. */
export const useFirstSteps = () =>
  useQuery({ queryKey: ['first-steps'], queryFn: () => got(api.GET('/api/v1/first-steps')) })

/** Machines that a yard can be filled with. */
export const useYard = (wanted: At<boolean>) =>
  useQuery({
    queryKey: ['yard'],
    queryFn: () => got(api.GET('/api/v1/machines/yard')),
    enabled: computed(() => toValue(wanted)),
  })

/** What a kind of machine is asked for. */
export const useSetUpSheet = (machine: At<Pick<Schemas['MachineView'], 'kind' | 'hired'> | undefined>) => {
  const asked = computed(() => ({ kind: toValue(machine)?.kind, hired: toValue(machine)?.hired ?? false }))
  return useQuery({
    queryKey: computed(() => ['sheet', asked.value.kind, asked.value.hired]),
    queryFn: () =>
      got(
        api.GET('/api/v1/machines/sheet', {
          params: { query: { kind: asked.value.kind!, hired: asked.value.hired } },
        }),
      ),
    enabled: computed(() => !!asked.value.kind),
    staleTime: Infinity,
  })
}

/** Every figure that the farm may change; whatever is set moves all that was worked out. */
export function useFigures() {
  const key = ['figures']
  const cache = useQueryClient()
  const { data, error } = useQuery({ queryKey: key, queryFn: () => got(api.GET('/api/v1/figures')) })
  /** What is changed, as it was seen. */
  const shown = (f: { sheet: string; row: string; column: string }) =>
    data.value?.find((s) => s.sheet === f.sheet)?.figures.find((one) => one.row === f.row && one.column === f.column)
      ?.value
  const set = useMutation({
    mutationFn: (figure: { sheet: string; row: string; column: string; value?: number }) =>
      got(api.PUT('/api/v1/figures', { body: { ...figure, was: shown(figure) } })),
    onSuccess: (sheets) => {
      cache.setQueryData(key, sheets)
      void cache.invalidateQueries({ predicate: (query) => query.queryKey[0] !== key[0] })
    },
  })
  return { sheets: data, error, set }
}

export const useLots = () => useQuery({ queryKey: ['lots'], queryFn: () => got(api.GET('/api/v1/lots')) })

export const useSeedStore = () =>
  useQuery({ queryKey: ['store'], queryFn: () => got(api.GET('/api/v1/order/store')) })

export const useOrder = () =>
  useQuery({
    meta: { says: 'Adding up the seed of all fields' },
    queryKey: ['order'],
    queryFn: () => got(api.GET('/api/v1/order')),
    retry: false,
  })

export const useLotPapers = (lotId: At<string>) =>
  useQuery({
    queryKey: computed(() => ['papers', toValue(lotId)]),
    queryFn: () => got(api.GET('/api/v1/lot-papers/lots/{lotId}', { params: { path: { lotId: toValue(lotId) } } })),
  })

export const useSeason = () =>
  useQuery({
    meta: { says: 'Working out every field’s season' },
    queryKey: ['season'],
    queryFn: () => got(api.GET('/api/v1/season')),
  })

export const useFieldAnswer = (fieldId: At<string>, zone: At<string | undefined>) =>
  useQuery({
    meta: { says: 'Working out this field' },
    queryKey: computed(() => ['season', 'field', toValue(fieldId), toValue(zone)]),
    queryFn: () =>
      got(
        api.GET('/api/v1/season/{fieldId}', {
          params: { path: { fieldId: toValue(fieldId) }, query: { zone: toValue(zone) } },
        }),
      ),
  })

/** One day of a field; the day read last stays until the next is there. */
export const useFieldDay = (fieldId: At<string>, zone: At<string | undefined>, on: At<string>, wanted: At<boolean>) =>
  useQuery({
    queryKey: computed(() => ['season', 'day', toValue(fieldId), toValue(zone), toValue(on)]),
    queryFn: ({ signal }) =>
      got(
        api.GET('/api/v1/season/{fieldId}/day', {
          params: { path: { fieldId: toValue(fieldId) }, query: { on: toValue(on), zone: toValue(zone) } },
          signal,
        }),
      ),
    enabled: computed(() => toValue(wanted)),
    staleTime: 60_000,
    placeholderData: keepPreviousData,
  })

/** The board from a day on; empty: from the server's own first day. */
export const useBoard = (from: At<string>) =>
  useQuery({
    meta: { says: 'Working out windows and fit days of every field' },
    queryKey: computed(() => ['dispatch', toValue(from)]),
    queryFn: () => got(api.GET('/api/v1/dispatch', { params: { query: { from: toValue(from) || undefined } } })),
    placeholderData: keepPreviousData,
  })

/** How what is placed fares in other years. */
export const useRisk = () =>
  useQuery({
    meta: { says: 'Playing the plan through other years' },
    queryKey: ['dispatch', 'risk'],
    queryFn: () => got(api.GET('/api/v1/dispatch/risk')),
    placeholderData: keepPreviousData,
  })

/** What the night has changed, and today's work. */
export const useMorning = () =>
  useQuery({ queryKey: ['dispatch', 'morning'], queryFn: () => got(api.GET('/api/v1/dispatch/morning')) })

/** Private lists of hired crews. */
export const useCrewLinks = () =>
  useQuery({ queryKey: ['dispatch', 'crews'], queryFn: () => got(api.GET('/api/v1/crews')) })

/** What other places of a job would cost. */
export const useElsewhere = (job: At<Schemas['JobId']>, wanted: At<boolean>) =>
  useQuery({
    meta: { says: 'Playing other places' },
    queryKey: computed(() => ['dispatch', 'elsewhere', toValue(job)]),
    queryFn: () => got(api.GET('/api/v1/dispatch/elsewhere/{cover}/{operation}', { params: { path: toValue(job) } })),
    enabled: computed(() => toValue(wanted)),
  })

/** Days on which machines and people are away. */
export const useAway = () => useQuery({ queryKey: ['dispatch', 'away'], queryFn: () => got(api.GET('/api/v1/away')) })

/** Work of the farm's own, to do and done. */
export const useOtherWork = () =>
  useQuery({ queryKey: ['dispatch', 'other'], queryFn: () => got(api.GET('/api/v1/other-work')) })

/** Calendars that can be subscribed to. */
export const useFeeds = () =>
  useQuery({ queryKey: ['dispatch', 'feeds'], queryFn: () => got(api.GET('/api/v1/feeds')) })

/** Plans as they were kept. */
export const usePlanVersions = () =>
  useQuery({ queryKey: ['dispatch', 'versions'], queryFn: () => got(api.GET('/api/v1/dispatch/versions')) })

/** A kept plan against today's. */
export const usePlanVersion = (id: At<string>) =>
  useQuery({
    meta: { says: 'Comparing' },
    queryKey: computed(() => ['dispatch', 'versions', toValue(id)]),
    queryFn: () => got(api.GET('/api/v1/dispatch/versions/{id}', { params: { path: { id: toValue(id) } } })),
    enabled: computed(() => toValue(id) !== ''),
  })

export const useDaySheet = (day: At<string>) =>
  useQuery({
    meta: { says: 'Working out the day' },
    queryKey: computed(() => ['dispatch', 'sheet', toValue(day)]),
    queryFn: () => got(api.GET('/api/v1/dispatch/sheet', { params: { query: { day: toValue(day) } } })),
    enabled: computed(() => toValue(day) !== ''),
  })

export const useCover = (fieldId: At<string>, place: At<number | undefined>, zone: At<string | undefined>) =>
  useQuery({
    meta: { says: 'Working out the cover' },
    queryKey: computed(() => ['cover', toValue(fieldId), toValue(place), toValue(zone)]),
    queryFn: () =>
      got(
        api.GET('/api/v1/cover/{fieldId}', {
          params: { path: { fieldId: toValue(fieldId) }, query: { place: toValue(place), zone: toValue(zone) } },
        }),
      ),
    enabled: computed(() => toValue(fieldId) !== ''),
  })

export const useOpenings = (fieldId: At<string>) =>
  useQuery({
    meta: { says: 'Looking for openings in the chain' },
    queryKey: computed(() => ['openings', toValue(fieldId)]),
    queryFn: () => got(api.GET('/api/v1/openings/{fieldId}', { params: { path: { fieldId: toValue(fieldId) } } })),
    retry: false,
  })

export const useSprays = (fieldId: At<string>) =>
  useQuery({
    queryKey: computed(() => ['sprays', toValue(fieldId)]),
    queryFn: () =>
      got(api.GET('/api/v1/herbicides/fields/{fieldId}', { params: { path: { fieldId: toValue(fieldId) } } })),
  })

export const useWaysIn = (fieldId: At<string>) =>
  useQuery({
    queryKey: computed(() => ['ways', toValue(fieldId)]),
    queryFn: () =>
      got(api.GET('/api/v1/loads/methods/{fieldId}', { params: { path: { fieldId: toValue(fieldId) } } })),
    enabled: computed(() => toValue(fieldId) !== ''),
  })

export const useCalibrations = (machineId: At<string>, aim: { target: string; mph: string; lot: string }) =>
  useQuery({
    queryKey: computed(() => ['calibrations', toValue(machineId), aim.target, aim.mph, aim.lot]),
    queryFn: () =>
      got(
        api.GET('/api/v1/calibrations/machines/{machineId}', {
          params: {
            path: { machineId: toValue(machineId) },
            query: { targetLbAc: Number(aim.target) || undefined, mph: Number(aim.mph) || 0, lot: aim.lot ?? '' },
          },
        }),
      ),
    enabled: computed(() => toValue(machineId) !== ''),
    placeholderData: keepPreviousData,
  })

type FlightAsk = NonNullable<
  import('./schema').paths['/api/v1/flight/plans/{fieldId}/{machineId}']['get']['parameters']['query']
>

export const useFlightPlan = (fieldId: At<string>, machineId: At<string>, query: At<FlightAsk>) =>
  useQuery({
    meta: { says: 'Laying the passes' },
    queryKey: computed(() => ['flight', toValue(fieldId), toValue(machineId), toValue(query)]),
    queryFn: () =>
      got(
        api.GET('/api/v1/flight/plans/{fieldId}/{machineId}', {
          params: { path: { fieldId: toValue(fieldId), machineId: toValue(machineId) }, query: toValue(query) },
        }),
      ),
    enabled: computed(() => toValue(fieldId) !== '' && toValue(machineId) !== ''),
    retry: false,
  })

/** Entries from a day on; of all years where none is given. */
export const useLog = (from: At<string | undefined>) =>
  useQuery({
    meta: { says: 'Reading the logbook' },
    queryKey: computed(() => ['log', toValue(from)]),
    queryFn: () => got(api.GET('/api/v1/log', { params: { query: { from: toValue(from) } } })),
    placeholderData: keepPreviousData,
  })

export const useApplied = (entryId: At<string>, wanted: At<boolean>) =>
  useQuery({
    queryKey: computed(() => ['applied', toValue(entryId)]),
    queryFn: () => got(api.GET('/api/v1/log/{entryId}/applied', { params: { path: { entryId: toValue(entryId) } } })),
    enabled: computed(() => toValue(wanted) && toValue(entryId) !== ''),
    retry: false,
  })

export const useGauges = () => useQuery({ queryKey: ['gauges'], queryFn: () => got(api.GET('/api/v1/gauges')) })

export const useGrowth = (id: At<string>, zone: At<string | undefined>) =>
  useQuery({
    meta: { says: 'Working out how it grows' },
    queryKey: ['growth', id, zone],
    queryFn: () =>
      got(
        api.GET('/api/v1/fields/{id}/growth', {
          params: { path: { id: toValue(id) }, query: { zone: toValue(zone) } },
        }),
      ),
    placeholderData: keepPreviousData,
  })

export const useTermination = () =>
  useQuery({
    meta: { says: 'Working out every way of ending' },
    queryKey: ['termination'],
    queryFn: () => got(api.GET('/api/v1/termination')),
    placeholderData: keepPreviousData,
  })

/** What is asked of a trade-off: prices against the figures, and how weedy it is. */
export interface Asked {
  grain: number
  passes: number
  weeds?: Schemas['WorthView']['weeds']
  feed?: boolean
}

export const useWorth = (id: At<string>, zone: At<string | undefined>, asked: At<Asked>) =>
  useQuery({
    meta: { says: 'Setting the ways against each other' },
    queryKey: ['termination', id, zone, asked],
    queryFn: () =>
      got(
        api.GET('/api/v1/termination/{fieldId}/worth', {
          params: { path: { fieldId: toValue(id) }, query: { zone: toValue(zone), ...toValue(asked) } },
        }),
      ),
    placeholderData: keepPreviousData,
  })

export const useWays = (id: At<string>, zone: At<string | undefined>) =>
  useQuery({
    meta: { says: 'Working out every way of ending' },
    queryKey: ['termination', 'methods', id, zone],
    queryFn: () =>
      got(
        api.GET('/api/v1/termination/{fieldId}/methods', {
          params: { path: { fieldId: toValue(id) }, query: { zone: toValue(zone) } },
        }),
      ),
  })

export const useHours = (
  work: At<Schemas['HoursView']['work']>,
  kind: At<Schemas['HoursView']['kind']>,
  rainFree: At<number | undefined>,
) =>
  useQuery({
    meta: { says: 'Working out the hours' },
    queryKey: ['termination', 'hours', work, kind, rainFree],
    queryFn: () =>
      got(
        api.GET('/api/v1/termination/hours', {
          params: { query: { work: toValue(work), kind: toValue(kind), rainFree: toValue(rainFree) } },
        }),
      ),
    placeholderData: keepPreviousData,
  })

export const useTerminationPlan = (id: At<string>, zone: At<string | undefined>, termination: At<Way | undefined>) =>
  useQuery({
    meta: { says: 'Putting the plan together' },
    queryKey: ['termination', 'plan', id, zone, termination],
    queryFn: () =>
      got(
        api.GET('/api/v1/termination/{fieldId}/plan', {
          params: {
            path: { fieldId: toValue(id) },
            query: { zone: toValue(zone), termination: toValue(termination) },
          },
        }),
      ),
    placeholderData: keepPreviousData,
  })

export const usePractice = () => useQuery({ queryKey: ['practice'], queryFn: () => got(api.GET('/api/v1/practice')) })

export const useScene = (exercise: At<Schemas['SceneView']['exercise']>, seed: At<number>) =>
  useQuery({
    queryKey: ['practice', 'scene', exercise, seed],
    queryFn: () =>
      got(
        api.GET('/api/v1/practice/{exercise}/{seed}', {
          params: { path: { exercise: toValue(exercise), seed: toValue(seed) } },
        }),
      ),
  })

/** What the farm's own kill ratings say of the figures. */
export const useLearnt = () =>
  useQuery({ queryKey: ['termination', 'learnt'], queryFn: () => got(api.GET('/api/v1/termination/learnt')) })

/** The longest wait before a crop that a label of the farm's asks for. */
export const usePlantBack = () =>
  useQuery({ queryKey: ['sprays', 'plant-back'], queryFn: () => got(api.GET('/api/v1/sprays/plant-back')) })

/** Days that insurers and programmes set for the end of covers. */
export const useTerminationDates = () =>
  useQuery({ queryKey: ['kill-dates'], queryFn: () => got(api.GET('/api/v1/termination-dates')) })

/** What a field's cover is to be sprayed with. */
export const usePlannedSpray = (id: At<string>, zone: At<string | undefined>) =>
  useQuery({
    queryKey: ['sprays', 'planned', id, zone],
    queryFn: () =>
      got(
        api.GET('/api/v1/sprays/fields/{fieldId}/planned', {
          params: { path: { fieldId: toValue(id) }, query: { zone: toValue(zone) } },
        }),
      ),
  })

export const useSprayProducts = () =>
  useQuery({ queryKey: ['sprays', 'products'], queryFn: () => got(api.GET('/api/v1/sprays/products')) })

/** What a burndown is planned with. */
export interface SprayAsked {
  product?: string
  partner?: string
  on?: string
  carrier: number
  in?: 'WATER' | 'LIQUID_NITROGEN'
  tank: number
}

export const useSprayPlan = (id: At<string>, zone: At<string | undefined>, asked: At<SprayAsked>) =>
  useQuery({
    meta: { says: 'Planning the spray' },
    queryKey: ['sprays', id, zone, asked],
    enabled: computed(() => !!toValue(asked).product),
    retry: false,
    queryFn: () =>
      got(
        api.GET('/api/v1/sprays/fields/{fieldId}', {
          params: {
            path: { fieldId: toValue(id) },
            query: { zone: toValue(zone), ...toValue(asked), product: toValue(asked).product! },
          },
        }),
      ),
    placeholderData: keepPreviousData,
  })
