<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import * as store from './store'
import { shrunk, type Photo } from '../../parts/photos'

/** Photos that go along with an entry: shrunk and kept on the phone at once, a few at most. */
const props = defineProps<{ draft: string }>()
const photos = defineModel<Photo[]>({ required: true })
const trouble = ref('')
const shown = ref<{ id: string; url: string }[]>([])
const MOST = 6

onMounted(async () => {
  photos.value = await store.photosOf(props.draft)
})
watch(photos, (now) => {
  shown.value.forEach((s) => URL.revokeObjectURL(s.url))
  shown.value = now.map((p) => ({ id: p.id, url: URL.createObjectURL(p.jpeg) }))
})
onBeforeUnmount(() => shown.value.forEach((s) => URL.revokeObjectURL(s.url)))

async function add(event: Event) {
  const picked = event.target as HTMLInputElement
  trouble.value = ''
  try {
    for (const file of Array.from(picked.files ?? []).slice(0, MOST - photos.value.length))
      photos.value = [...photos.value, await shrunk(file)]
    await store.keepPhotos(props.draft, photos.value)
  } catch {
    trouble.value = 'This picture cannot be read: take another.'
  }
  picked.value = ''
}
async function drop(id: string) {
  photos.value = photos.value.filter((p) => p.id !== id)
  await store.keepPhotos(props.draft, photos.value)
}
</script>

<template>
  <div class="strip">
    <ul v-if="shown.length" aria-label="Photos">
      <li v-for="(s, i) in shown" :key="s.id">
        <img :src="s.url" :alt="`Photo ${i + 1}`" />
        <button type="button" :aria-label="`Take out photo ${i + 1}`" @click="drop(s.id)">×</button>
      </li>
    </ul>
    <label v-if="photos.length < MOST" class="take">
      <input type="file" accept="image/*" capture="environment" @change="add" />
      <span>{{ photos.length ? 'Another photo' : 'Take a photo' }}</span>
    </label>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.strip ul {
  display: flex;
  gap: 8px;
  list-style: none;
  padding: 0;
  margin: 0 0 6px;
  flex-wrap: wrap;
}
.strip li {
  position: relative;
}
.strip img {
  width: 72px;
  height: 72px;
  object-fit: cover;
  border-radius: 8px;
  display: block;
}
.strip li button {
  position: absolute;
  top: -6px;
  right: -6px;
  width: 28px;
  height: 28px;
  border-radius: 50%;
  background: var(--loam);
  color: var(--on-loam);
  font-size: 18px;
  line-height: 1;
}
.take {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 16px;
  border: 1.5px dashed var(--quiet);
  border-radius: 10px;
  cursor: pointer;
}
.take:focus-within {
  outline: 3px solid var(--ochre);
}
.take input {
  position: absolute;
  opacity: 0;
  width: 1px;
  height: 1px;
}
</style>
