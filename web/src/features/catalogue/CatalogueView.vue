<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { kept as keptIn, read, word, type Unit } from '../../format/units'
import { useAct } from '../../parts/act'
import { useSpecies } from '../../parts/choices'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'

const { data: species, error } = useSpecies()
const chosen = ref('cereal-rye')
const find = ref('')
const { data: ways } = useQuery({ queryKey: ['ways'], queryFn: () => got(api.GET('/api/ways')) })
const way = computed(() => ways.value?.find((w) => w.way === chosen.value))
const { data: ofSpecies } = useQuery({
  queryKey: computed(() => ['figures', chosen.value]),
  queryFn: () => got(api.GET('/api/species/{species}/figures', { params: { path: { species: chosen.value } } })),
  enabled: computed(() => !way.value && !!species.value?.some((s) => s.id === chosen.value)),
  placeholderData: (before) => before,
})
const figures = computed(() => way.value?.figures ?? ofSpecies.value)
const { problem, said, act } = useAct()
const families: Record<string, string> = { GRASS: 'Grasses', LEGUME: 'Legumes', BRASSICA: 'Brassicas', BROADLEAF: 'Broadleaves' }
const lives: Record<string, string> = { WINTER: 'winter', PERENNIAL: 'perennial', WINTER_KILLED: 'winter-kills', WARM: 'warm' }
const groups = computed(() => Object.entries(families).map(([family, words]) => ({ words, all: (species.value ?? []).filter((s) => s.family === family && found(s.name)) })).filter((g) => g.all.length))
const heading = computed(() => way.value?.words ?? species.value?.find((s) => s.id === chosen.value)?.name)
const found = (words: string) => words.toLowerCase().includes((find.value ?? '').toLowerCase())
const waysFound = computed(() => (ways.value ?? []).filter((w) => found(w.words)))
const kept = (value: number | undefined) => (value === undefined ? 'The starting value is back.' : 'Your figure is kept; everything follows it.')
const figureOf = (value: number, unit: Unit) => String(Number(read(value, unit).toPrecision(5)))
function typed(f: Schemas['FigureView'], event: Event) {
  const text = (event.target as HTMLInputElement).value
  if (text !== '') void change(f.key, keptIn(Number(text), f.unit))
}
const change = (figure: string, value: number | undefined) => {
  const body = { figure, value }
  const ofWay = way.value?.way
  return ofWay ? act(() => got(api.PUT('/api/ways/{way}/figures', { params: { path: { way: ofWay } }, body })), kept(value)) : act(() => got(api.PUT('/api/species/{species}/figures', { params: { path: { species: chosen.value } }, body })), kept(value))
}
</script>

<template>
  <div class="page">
    <div class="head"><h1>Catalogue</h1><v-text-field v-model="find" class="find" label="Find" clearable /><router-link to="/farm">House rules</router-link></div>
    <Refusal :says="error || problem" /><p v-if="said" role="status">{{ said }}</p>
    <div class="both">
      <nav aria-label="Species and ways in">
        <template v-for="g in groups" :key="g.words"><h2>{{ g.words }}</h2>
          <button v-for="s in g.all" :key="s.id" type="button" :class="{ here: s.id === chosen }" :aria-pressed="s.id === chosen" @click="chosen = s.id"><span>{{ s.name }}</span><span class="quiet">{{ lives[s.life] }}</span><span v-if="s.changed" class="own figures">{{ s.changed }} own</span></button></template>
        <h2 v-if="waysFound.length">Ways in</h2>
        <button v-for="w in waysFound" :key="w.way" type="button" :class="{ here: w.way === chosen }" :aria-pressed="w.way === chosen" @click="chosen = w.way"><span class="first">{{ w.words }}</span><span v-if="w.changed" class="own figures">{{ w.changed }} own</span></button>
      </nav>
      <v-card v-if="figures && heading" class="pa-4">
        <h2 class="first">{{ heading }}</h2>
        <p class="quiet">Starting values are general figures; change what your farm knows better. A dash is a missing figure, not 0.</p>
        <table class="plain">
          <thead><tr><th>Figure</th><th class="n">value</th><th>unit</th><th>starting value</th><th /></tr></thead>
          <tbody>
            <tr v-for="f in figures" :key="chosen + f.key" :class="{ changed: f.changed }">
              <td>{{ f.words }}</td>
              <td class="n"><input class="figures" type="number" step="any" :value="f.value === undefined ? '' : figureOf(f.value, f.unit)" placeholder="–" :disabled="!planner" :aria-label="`${heading}: ${f.words}, ${word(f.unit)}`" @change="typed(f, $event)" /></td>
              <td>{{ word(f.unit) }}</td><td class="figures quiet">{{ f.changed ? (f.startingValue === undefined ? '–' : figureOf(f.startingValue, f.unit)) : 'starting value' }}</td>
              <td><v-btn v-if="f.changed && planner" size="x-small" variant="text" :aria-label="`Put ${f.words} back`" @click="change(f.key, undefined)">Put back</v-btn></td>
            </tr>
          </tbody>
        </table>
      </v-card>
    </div>
  </div>
</template>

<style scoped>
.first::first-letter { text-transform: uppercase; } .first { display: inline-block; }
.head { display: flex; gap: 14px; align-items: center; margin-bottom: 8px; flex-wrap: wrap; } .find { max-width: 230px; } .both { display: grid; grid-template-columns: 280px minmax(0, 820px); gap: 18px; align-items: start; } nav { position: sticky; top: 60px; max-height: calc(100dvh - 130px); overflow-y: auto; } nav h2 { margin-top: 8px; }
nav button { display: flex; gap: 8px; width: 100%; justify-content: space-between; text-align: left; padding: 5px 8px; border: 0; border-left: 4px solid transparent; background: none; color: inherit; cursor: pointer; min-height: 34px; align-items: center; } nav button.here { border-left-color: var(--flax); background: rgb(var(--v-theme-surface)); font-weight: 700; } .own { color: var(--ochre-text); }
input { width: 110px; text-align: right; border: 1px solid var(--hair); border-radius: 3px; padding: 3px 6px; background: rgb(var(--v-theme-surface)); color: inherit; min-height: 30px; } tr.changed td { background: color-mix(in srgb, var(--ochre) 12%, transparent); }
@media (max-width: 900px) { .both { grid-template-columns: 1fr; } nav { position: static; max-height: 240px; } nav button { min-height: 44px; } }
</style>
