<script setup lang="ts">
import { computed } from 'vue'
import { amountOf, keyOf, whenOf, type Job } from '../../work/board'

/** Jobs that have no day yet, what closes first on top; those of a wanted field before all. */
const props = defineProps<{ jobs: Job[]; wanted: string }>()
defineEmits<{ show: [job: Job]; press: [job: Job, event: PointerEvent] }>()

const waiting = computed(() =>
  props.jobs
    .filter((j) => !j.place)
    .sort(
      (a, b) =>
        Number(b.fieldId === props.wanted) - Number(a.fieldId === props.wanted) ||
        (a.closes ?? '9').localeCompare(b.closes ?? '9'),
    ),
)
</script>

<template>
  <h2>
    Not placed <span class="figures quiet">{{ waiting.length }}</span>
  </h2>
  <p v-if="!waiting.length" class="quiet">Every open job has a machine and a day.</p>
  <button
    v-for="job in waiting"
    :key="keyOf(job)"
    type="button"
    class="wait"
    :class="{ wanted: job.fieldId === wanted }"
    @click="$emit('show', job)"
    @pointerdown="$emit('press', job, $event)"
  >
    <b>{{ job.field }}</b> <span class="figures">{{ amountOf(job) }}</span>
    <span class="row">{{ job.words }}, {{ whenOf(job) }}</span>
    <span v-if="job.unplaced" class="row trouble">{{ job.unplaced }}</span>
  </button>
</template>

<style scoped>
h2 {
  font-size: 1.05rem;
  margin: 0 0 6px;
}
.wait {
  display: block;
  width: 100%;
  text-align: left;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  border: 1px solid var(--hair);
  border-left: 4px solid var(--ochre);
  border-radius: 3px;
  padding: 5px 8px;
  margin-bottom: 6px;
  cursor: grab;
  font-size: 0.9rem;
  min-height: 44px;
  touch-action: pan-y;
  user-select: none;
}
.wait.wanted {
  outline: 2px solid var(--flax);
}
.row {
  display: block;
  font-size: 0.86rem;
}
</style>
