<script setup lang="ts">
import { ref } from 'vue'
import { upload, type Refused, type Schemas } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'

const emit = defineEmits<{ kept: [] }>()
const open = ref(false)
const file = ref<File | null>(null)
const report = ref<Schemas['ImportView'] | null>(null)
const problem = ref<Refused | ''>('')

async function bring(save: boolean) {
  if (!file.value) return
  problem.value = ''
  try {
    report.value = await upload<Schemas['ImportView']>('/api/v1/figures/file', file.value, save)
    if (report.value.saved) emit('kept')
  } catch (e) {
    problem.value = e as Refused
    report.value = null
  }
}
</script>

<template>
  <a href="/api/v1/figures/file" download>Take all out as CSV</a>
  <v-btn v-if="planner" size="small" variant="outlined" @click="open = true">Bring a CSV in</v-btn>
  <v-dialog v-model="open" max-width="620">
    <v-card class="pa-4">
      <h2>Bring figures in</h2>
      <p>A table as it was taken out, with the columns sheet, row, column and value, in US units.</p>
      <v-file-input
        v-model="file"
        class="mt-2"
        label="Figures, CSV"
        accept=".csv,text/csv"
        @update:model-value="bring(false)"
      />
      <Refusal :says="problem" />
      <template v-if="report">
        <p v-if="report.saved" role="status"><b>Kept.</b> Everything follows your figures.</p>
        <template v-else>
          <p v-if="report.refused.length">Nothing is kept as long as a line cannot be taken:</p>
          <ul>
            <li v-for="line in report.refused" :key="line" class="trouble">{{ line }}</li>
          </ul>
          <p v-if="!report.changes.length && !report.refused.length">It changes nothing.</p>
          <p v-if="report.changes.length">
            <b class="figures">{{ report.changes.length }}</b>
            {{ report.changes.length === 1 ? 'figure changes' : 'figures change' }}:
            {{ report.changes.map((f) => (f.rowWords ? f.rowWords + ', ' : '') + f.words).join('; ') }}.
          </p>
        </template>
      </template>
      <v-card-actions>
        <v-spacer />
        <v-btn variant="text" @click="open = false">Close</v-btn>
        <v-btn
          color="primary"
          variant="flat"
          :disabled="!report || report.saved || !report.changes.length || report.refused.length > 0"
          @click="bring(true)"
        >
          Keep them
        </v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
