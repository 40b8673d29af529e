<script setup lang="ts">
import { reactive, ref } from 'vue'
import type { Schemas } from '../../api/client'
import PhotoStrip from './PhotoStrip.vue'
import { buzz } from './place'
import { useDraft } from './draft'
import type { Photo } from '../../parts/photos'
import type { Entry } from './store'

/** A ball of topsoil in the hand: what it does tells its water, and moves the days that are fit. */
const props = defineProps<{ field: Schemas['ScoutField']; view: Schemas['ScoutView'] }>()
const emit = defineEmits<{ done: [form: Entry, says: string, photos: Photo[]]; away: [] }>()
const key = `SOIL ${props.field.fieldId} ${props.field.zoneId ?? ''}`
const state = reactive({ id: crypto.randomUUID(), on: props.view.today })
const { forget } = useDraft(key, state)
const photos = ref<Photo[]>([])

async function finish(feel: Schemas['FeelView']) {
  buzz(30)
  await forget()
  const form = {
    id: state.id,
    fieldId: props.field.fieldId,
    zoneId: props.field.zoneId,
    on: state.on,
    fact: { kind: 'SOIL_FEEL', feel: feel.feel },
  } satisfies Entry
  emit('done', form, `soil: ${feel.words}`, photos.value)
}
</script>

<template>
  <section class="sheet" :aria-label="`Soil in ${field.name}`">
    <header>
      <h1>{{ field.name }}</h1>
      <v-btn variant="text" @click="emit('away')">Back</v-btn>
    </header>
    <p class="says" role="status">
      Dig to seeding depth in the wettest part that counts. Press a ball, drop it from the waist, then push it out
      between thumb and finger. What does it do?
    </p>
    <PhotoStrip v-model="photos" :draft="key" />
    <div class="thumb">
      <button v-for="f in view.feels" :key="f.feel" type="button" class="feel" @click="finish(f)">
        <b>{{ f.words }}</b>
        <span>{{ f.says }}</span>
      </button>
    </div>
  </section>
</template>

<style scoped src="./sheet.css"></style>
<style scoped>
.feel {
  text-align: left;
  padding: 12px 16px;
  min-height: 84px;
  border: 2px solid var(--loam);
  border-radius: 14px;
  background: var(--furrow);
  color: var(--loam);
}
.feel b {
  display: block;
  font-size: 19px;
}
.feel b::first-letter {
  text-transform: uppercase;
}
</style>
