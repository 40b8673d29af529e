<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { rate, rateUnit, typedRate } from '../../format/units'
import { goals, routes, ways, type Cover } from './draft'

const props = defineProps<{ species: Schemas['SpeciesView'][]; sown: boolean; badField?: string }>()
const cover = defineModel<Cover>({ required: true })
const left = computed(() => props.species.filter((s) => !cover.value.members.some((m) => m.species === s.id)))

function set(change: Partial<Cover>) {
  cover.value = { ...cover.value, ...change }
}
function setMember(i: number, change: Partial<Cover['members'][number]>) {
  set({ members: cover.value.members.map((m, n) => (n === i ? { ...m, ...change } : m)) })
}
function add() {
  const next = left.value[0]
  if (next) set({ members: [...cover.value.members, { species: next.id, share: next.family === 'GRASS' ? 0.6 : 0.5 }] })
}
function typed(i: number, text: string) {
  setMember(i, { typedRate: text.trim() === '' ? undefined : typedRate(Number(text)) })
}
const options = (id: string) => props.species.filter((s) => s.id === id || left.value.includes(s)).map((s) => ({ value: s.id, title: s.name }))
</script>

<template>
  <div class="form">
    <v-select label="What it is for" :items="[...goals]" :model-value="cover.goal" @update:model-value="set({ goal: $event })" />
    <v-select label="How it dies" :items="[...routes]" :model-value="cover.route" @update:model-value="set({ route: $event })" />
    <v-select label="Way in" :items="[...ways]" :model-value="cover.way" :disabled="sown" @update:model-value="set({ way: $event })" />
    <v-text-field label="Sow on (empty: when best)" type="date" :model-value="cover.planned ?? ''" :disabled="sown" @update:model-value="set({ planned: $event || undefined })" />
    <div v-for="(member, i) in cover.members" :key="member.species" class="member">
      <v-select class="species" :label="i === 0 ? 'Species' : `Species ${i + 1}`" :items="options(member.species)" :model-value="member.species" :disabled="sown" @update:model-value="setMember(i, { species: $event, typedRate: undefined })" />
      <v-text-field class="share" label="Share" type="number" min="0.05" max="3" step="0.05" :model-value="member.share" :disabled="sown" @update:model-value="setMember(i, { share: Number($event) })" />
      <v-text-field class="typed" :label="`Own ${rateUnit}`" type="number" min="0" step="0.5" :model-value="member.typedRate === undefined ? '' : Number(rate(member.typedRate, 2).replaceAll(',', ''))" :disabled="sown" @change="typed(i, ($event.target as HTMLInputElement).value)" />
      <v-btn icon size="x-small" variant="text" :aria-label="`Take out ${member.species}`" :disabled="sown || cover.members.length === 1" @click="set({ members: cover.members.filter((_, n) => n !== i) })"><v-icon :icon="mdiClose" /></v-btn>
    </div>
    <v-btn v-if="left.length && !sown" variant="text" color="primary" size="small" :prepend-icon="mdiPlus" @click="add">Add a species</v-btn>
  </div>
</template>

<style scoped>
.form { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; } .member { grid-column: 1 / -1; display: flex; gap: 8px; align-items: center; }
.species { flex: 2; } .share { max-width: 92px; } .typed { max-width: 128px; }
@media (max-width: 640px) { .form { grid-template-columns: 1fr; } .member { flex-wrap: wrap; } .species { flex-basis: 100%; } }
</style>
