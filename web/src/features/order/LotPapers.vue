<script setup lang="ts">
import { useLotPapers } from '../../api/resources'
import { ref } from 'vue'
import { api, got, upload } from '../../api/client'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'

const props = defineProps<{ lotId: string; name: string }>()
const { data: papers } = useLotPapers(() => props.lotId)
const { problem, act } = useAct()
const file = ref<File | null>(null)
async function add() {
  if (file.value) await act(() => upload(`/api/v1/lot-papers/lots/${props.lotId}`, file.value!))
  file.value = null
}
const remove = (id: string) => act(() => got(api.DELETE('/api/v1/lot-papers/{id}', { params: { path: { id } } })))
</script>

<template>
  <div class="papers">
    <b>Papers of {{ name }}</b>
    <ul>
      <li v-for="p in papers" :key="p.id">
        <a :href="`/api/v1/lot-papers/${p.id}`" :download="p.name">{{ p.name }}</a>
        <span class="quiet figures">{{ Math.ceil(p.bytes / 1024) }} kB</span>
        <v-btn v-if="planner" size="x-small" variant="text" :aria-label="`Remove ${p.name}`" @click="remove(p.id)"
          >Remove</v-btn
        >
      </li>
    </ul>
    <p v-if="papers && !papers.length" class="quiet">
      None yet: certificate, untreated or non-GMO statement, test report.
    </p>
    <v-file-input
      v-if="planner"
      v-model="file"
      label="Add a paper: PDF, PNG, JPEG, text"
      density="compact"
      variant="outlined"
      accept=".pdf,.png,.jpg,.jpeg,.txt"
      @update:model-value="add"
    />
    <Refusal :says="problem" />
  </div>
</template>

<style scoped>
.papers {
  background: var(--furrow);
  padding: 8px 12px;
  margin-top: 8px;
}
ul {
  margin: 2px 0;
  padding-left: 18px;
}
</style>
