<script setup lang="ts">
import { useMixes } from '../../api/resources'
import { ref } from 'vue'
import { api, got } from '../../api/client'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import type { Cover } from './draft'

const props = defineProps<{ members: Cover['members'] }>()
const emit = defineEmits<{ take: [members: Cover['members']] }>()
const { data: mixes } = useMixes()
const { problem, said, act } = useAct()
const name = ref('')
async function keep() {
  if (
    await act(
      () => got(api.POST('/api/v1/mixes', { body: { name: name.value, members: props.members } })),
      'Mix kept.',
    )
  )
    name.value = ''
}
function take(id: string) {
  const mix = mixes.value?.find((m) => m.id === id)
  if (mix) emit('take', JSON.parse(JSON.stringify(mix.members)))
}
</script>

<template>
  <details class="mixes">
    <summary>Named mixes</summary>
    <div class="row">
      <v-select
        v-if="mixes?.length"
        label="Take a mix"
        :items="mixes.map((m) => ({ value: m.id, title: m.name }))"
        :model-value="null"
        @update:model-value="$event && take($event)"
      />
      <form v-if="planner" @submit.prevent="keep">
        <v-text-field v-model="name" label="Keep this mix as" required /><v-btn
          type="submit"
          size="small"
          variant="tonal"
          color="primary"
          :disabled="!name.trim()"
          >Keep the mix</v-btn
        >
      </form>
    </div>
    <Refusal :says="problem" />
    <p v-if="said" role="status">{{ said }}</p>
  </details>
</template>

<style scoped>
.mixes {
  margin-top: 8px;
}
summary {
  cursor: pointer;
  color: rgb(var(--v-theme-primary));
  padding: 4px 0;
}
.row {
  display: grid;
  grid-template-columns: 1fr 1.4fr;
  gap: 10px;
  align-items: center;
}
form {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
