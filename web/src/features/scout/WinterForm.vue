<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { buzz } from './place'
import { useDraft } from './draft'
import PhotoStrip from './PhotoStrip.vue'
import type { Photo } from '../../parts/photos'
import type { Entry } from './store'

/** Plants dug or pulled after the winter, alive or dead, tapped one by one. */
const props = defineProps<{ field: Schemas['ScoutField']; view: Schemas['ScoutView']; species?: string }>()
const emit = defineEmits<{ done: [form: Entry, says: string, photos: Photo[]]; away: [] }>()
const key = `winter ${props.field.fieldId} ${props.field.zoneId ?? ''}`
const state = reactive({
  id: crypto.randomUUID(),
  on: props.view.today,
  species: props.species ?? props.field.members[0]?.id ?? '',
  taps: [] as boolean[],
})
const { forget } = useDraft(key, state)
const photos = ref<Photo[]>([])
const alive = computed(() => state.taps.filter(Boolean).length)
function tap(lives: boolean) {
  buzz(lives ? 30 : [15, 40, 15])
  state.taps.push(lives)
}
async function finish() {
  await forget()
  const form = {
    id: state.id,
    fieldId: props.field.fieldId,
    zoneId: props.field.zoneId,
    on: state.on,
    fact: { kind: 'WINTERED', species: state.species, alive: alive.value, looked: state.taps.length },
  } satisfies Entry
  emit('done', form, `${alive.value} of ${state.taps.length} plants alive`, photos.value)
}
</script>

<template>
  <section class="sheet" :aria-label="`After the winter in ${field.name}`">
    <header>
      <h1>{{ field.name }}</h1>
      <v-btn variant="text" @click="emit('away')">Back</v-btn>
    </header>
    <p class="says" role="status">
      <template v-if="state.taps.length"
        ><b>{{ alive }} of {{ state.taps.length }}</b> alive.</template
      >
      <template v-else
        >Dig plants as they come, at five places or more: a white, firm crown lives; a brown, soft one is
        dead.</template
      >
    </p>
    <v-select
      v-if="field.members.length > 1"
      v-model="state.species"
      label="Of"
      :items="field.members.map((m) => ({ value: m.id, title: m.name }))"
      :disabled="state.taps.length > 0"
    />
    <PhotoStrip v-model="photos" :draft="key" />
    <div class="thumb">
      <div class="two">
        <button type="button" class="big no" @click="tap(false)">Dead</button>
        <button type="button" class="big yes" @click="tap(true)">Alive</button>
      </div>
      <div class="two">
        <v-btn variant="tonal" size="large" :disabled="!state.taps.length" @click="state.taps.pop()">Undo</v-btn>
        <v-btn color="primary" size="large" :disabled="!state.taps.length" @click="finish">Keep this</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped src="./sheet.css"></style>
