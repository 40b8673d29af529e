<script setup lang="ts">
import { computed, ref } from 'vue'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { useSpecies } from '../../api/resources'
import FigureFile from './FigureFile.vue'
import FigureTable from '../../figures/FigureTable.vue'
import { useFigures, useRefresh } from '../../api/resources'
import { usePages, type Figure } from '../../figures/figures'

const { sheets, error, set } = useFigures()
const refresh = useRefresh()
const { data: species } = useSpecies()
const { problem, said, act } = useAct()
const chosen = ref('cereal-rye')
const find = ref<string | null>('')
const found = usePages(sheets, find)
const page = computed(() => found.value.find((p) => p.key === chosen.value) ?? found.value[0])

const families: Record<string, string> = {
  GRASS: 'Grasses',
  LEGUME: 'Legumes',
  BRASSICA: 'Brassicas',
  BROADLEAF: 'Broadleaves',
}
const lives: Record<string, string> = {
  WINTER: 'winter',
  PERENNIAL: 'perennial',
  WINTER_KILLED: 'winter-kills',
  WARM: 'warm',
}
const speciesOf = (key: string) => species.value?.find((s) => s.id === key)
const groupOf = (key: string, group: string) =>
  group === 'Species' ? (families[speciesOf(key)?.family ?? ''] ?? group) : group
const groups = computed(() => {
  const names = [...new Set(found.value.map((p) => groupOf(p.key, p.group)))]
  return names.map((words) => ({ words, all: found.value.filter((p) => groupOf(p.key, p.group) === words) }))
})

function change(f: Figure, value: number | undefined) {
  const done = value === undefined ? 'The starting value is back.' : 'Your figure is kept; everything follows it.'
  void act(() => set.mutateAsync({ sheet: f.sheet, row: f.row, column: f.column, value }), done)
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Catalogue</h1>
      <v-text-field v-model="find" class="find" label="Find a species or a figure" clearable />
      <router-link to="/farm">House rules</router-link>
      <FigureFile @kept="refresh.all()" />
    </div>
    <Refusal :says="error || problem" />
    <p v-if="said" role="status">{{ said }}</p>
    <div class="both">
      <nav aria-label="Species and other figures">
        <template v-for="g in groups" :key="g.words">
          <h2>{{ g.words }}</h2>
          <button
            v-for="p in g.all"
            :key="p.key"
            type="button"
            :class="{ here: p.key === page?.key }"
            :aria-pressed="p.key === page?.key"
            @click="chosen = p.key"
          >
            <span class="first">{{ p.words }}</span>
            <span v-if="speciesOf(p.key)" class="quiet">{{ lives[speciesOf(p.key)!.life] }}</span>
            <span v-if="p.own" class="own figures">{{ p.own }} own</span>
          </button>
        </template>
      </nav>
      <v-card v-if="page" class="pa-4">
        <h2 class="first">{{ page.words }}</h2>
        <p class="quiet">
          Starting values are general figures; change what your farm knows better. A dash is a missing figure, not 0.
        </p>
        <FigureTable
          v-for="part in page.parts"
          :key="page.key + part.title"
          :of="page.words"
          :title="part.title"
          :figures="part.figures"
          @set="change"
        />
      </v-card>
      <p v-else-if="sheets">No species and no figure has this word.</p>
    </div>
  </div>
</template>

<style scoped>
.first {
  display: inline-block;
}
.first::first-letter {
  text-transform: uppercase;
}
.head {
  display: flex;
  gap: 14px;
  align-items: center;
  margin-bottom: 8px;
  flex-wrap: wrap;
}
.find {
  max-width: 260px;
}
.both {
  display: grid;
  grid-template-columns: 280px minmax(0, 940px);
  gap: 18px;
  align-items: start;
}
nav {
  position: sticky;
  top: 60px;
  max-height: calc(100dvh - 130px);
  overflow-y: auto;
}
nav h2 {
  margin-top: 8px;
}
nav button {
  display: flex;
  gap: 8px;
  width: 100%;
  justify-content: space-between;
  text-align: left;
  padding: 5px 8px;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  color: inherit;
  cursor: pointer;
  min-height: 34px;
  align-items: center;
}
nav button.here {
  border-left-color: var(--flax);
  background: rgb(var(--v-theme-surface));
  font-weight: 700;
}
.own {
  color: var(--ochre-text);
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
  nav {
    position: static;
    max-height: 240px;
  }
  nav button {
    min-height: 44px;
  }
}
</style>
