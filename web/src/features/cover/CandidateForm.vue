<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import DayField from '../../parts/DayField.vue'
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useChoices } from '../../api/resources'
import { rateUnits, type Cover } from './draft'

const props = defineProps<{ species: Schemas['SpeciesView'][]; sown: boolean; badField?: string }>()
const { data: choices } = useChoices()
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
  if (next) set({ members: [...cover.value.members, { species: next.id, share: next.shareInMix }] })
}
function typed(i: number, text: string) {
  setMember(
    i,
    text.trim() === ''
      ? { typedRate: undefined, typedUnit: undefined }
      : { typedRate: Number(text), typedUnit: cover.value.members[i]!.typedUnit ?? 'LB_AC' },
  )
}
const options = (id: string) =>
  props.species.filter((s) => s.id === id || left.value.includes(s)).map((s) => ({ value: s.id, title: s.name }))
</script>

<template>
  <div class="form">
    <v-select
      label="What it is for"
      :items="choices?.goals"
      :model-value="cover.goal"
      @update:model-value="set({ goal: $event })"
    />
    <v-select
      label="How it dies"
      :items="choices?.terminations"
      :model-value="cover.termination"
      @update:model-value="set({ termination: $event })"
    />
    <v-select
      label="Way in"
      :items="choices?.ways"
      :model-value="cover.way"
      :disabled="sown"
      @update:model-value="set({ way: $event })"
    />
    <DayField
      label="Sow on (empty: when best)"
      :model-value="cover.planned ?? ''"
      :disabled="sown"
      @update:model-value="set({ planned: $event || undefined })"
    />
    <div v-for="(member, i) in cover.members" :key="member.species" class="member">
      <v-select
        class="species"
        :label="i === 0 ? 'Species' : `Species ${i + 1}`"
        :items="options(member.species)"
        :model-value="member.species"
        :disabled="sown"
        @update:model-value="setMember(i, { species: $event, typedRate: undefined, typedUnit: undefined })"
      />
      <label class="slide"
        ><span class="figures">{{ Math.round(member.share * 100) }} %</span
        ><input
          type="range"
          min="0.05"
          max="1.5"
          step="0.05"
          :value="member.share"
          :disabled="sown"
          :aria-label="`Share of ${member.species}'s full rate`"
          @input="setMember(i, { share: Number(($event.target as HTMLInputElement).value) })"
      /></label>
      <NumberField
        class="share"
        label="Share"
        :model-value="member.share"
        :disabled="sown"
        @update:model-value="setMember(i, { share: Number($event) })"
      />
      <NumberField
        class="typed"
        label="Own rate"
        :model-value="member.typedRate ?? ''"
        :disabled="sown"
        @settled="typed(i, $event)"
      />
      <v-select
        class="unit"
        label="in"
        :items="[...rateUnits]"
        :model-value="member.typedUnit ?? 'LB_AC'"
        :disabled="sown || member.typedRate === undefined"
        @update:model-value="setMember(i, { typedUnit: $event })"
      />
      <v-btn
        icon
        size="x-small"
        variant="text"
        :aria-label="`Take out ${member.species}`"
        :disabled="sown || cover.members.length === 1"
        @click="set({ members: cover.members.filter((_, n) => n !== i) })"
        ><v-icon :icon="mdiClose"
      /></v-btn>
    </div>
    <div class="more">
      <v-btn
        v-if="left.length && !sown"
        variant="text"
        color="primary"
        size="small"
        :prepend-icon="mdiPlus"
        @click="add"
        >Add a species</v-btn
      >
      <v-select
        v-if="cover.way === 'DISC_PASSES'"
        class="passes"
        label="Shallow disc passes"
        :items="[1, 2, 3]"
        :model-value="cover.discPasses ?? 2"
        :disabled="sown"
        @update:model-value="set({ discPasses: $event })"
      />
      <v-checkbox
        v-if="cover.way === 'SLURRY'"
        class="slurry"
        label="Thick slurry: fewer seeds come up"
        :model-value="cover.thickSlurry ?? false"
        :disabled="sown"
        @update:model-value="set({ thickSlurry: $event || undefined })"
      />
      <v-checkbox
        v-if="cover.way !== 'SLURRY'"
        class="slurry"
        label="Slurry over the sown ground"
        :model-value="cover.slurryOver ?? false"
        @update:model-value="set({ slurryOver: $event || undefined })"
      />
    </div>
  </div>
</template>

<style scoped>
.more {
  grid-column: 1 / -1;
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.passes {
  max-width: 190px;
}
.slurry {
  flex: none;
}
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.member {
  grid-column: 1 / -1;
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
}
.species {
  flex: 2;
  min-width: 150px;
}
.share {
  max-width: 84px;
}
.typed {
  max-width: 104px;
}
.unit {
  max-width: 116px;
}
.slide {
  width: 108px;
  font-size: 0.85rem;
}
.slide input {
  width: 100%;
  accent-color: var(--sage);
  display: block;
  min-height: 24px;
}
@media (max-width: 640px) {
  .form {
    grid-template-columns: 1fr;
  }
  .member {
    flex-wrap: wrap;
  }
  .species {
    flex-basis: 100%;
  }
}
</style>
