<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useFields } from '../../api/resources'
import { area, areaUnit } from '../../format/units'
import DayField from '../../parts/DayField.vue'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { session } from '../../session'
import type { Kept } from './entries'

/** Work that was written down once, for further fields; each is kept or refused by itself. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ kept: Kept | null }>()
const { data: fields } = useFields()
const { problem, busy, act } = useAct()
const chosen = ref<string[]>([])
const on = ref('')
const told = ref<Schemas['Told'][]>([])
/** Named once for as long as the dialog stands, so that nothing is kept twice. */
const ids = new Map<string, string>()
const others = computed(() => (fields.value ?? []).filter((f) => f.field.id !== props.kept?.fieldId))
const total = computed(() =>
  others.value.filter((f) => chosen.value.includes(f.field.id)).reduce((sum, f) => sum + f.field.acres, 0),
)

watch(open, (now) => {
  if (!now) return
  chosen.value = []
  told.value = []
  ids.clear()
  on.value = session.value?.today ?? ''
})

async function write() {
  for (const id of chosen.value) if (!ids.has(id)) ids.set(id, crypto.randomUUID())
  const answer = await act(() =>
    got(
      api.POST('/api/v1/log/{id}/again', {
        params: { path: { id: props.kept!.id } },
        body: { on: on.value, fields: chosen.value.map((fieldId) => ({ id: ids.get(fieldId)!, fieldId })) },
      }),
    ),
  )
  if (!answer) return
  told.value = answer
  chosen.value = answer.filter((t) => t.refused).map((t) => t.fieldId)
  if (!chosen.value.length) open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="560" scrollable>
    <v-card
      v-if="kept"
      :title="`The same again: ${kept.about}`"
      subtitle="The whole of each field, at the same rate, with the same machine."
    >
      <v-card-text class="pt-3">
        <DayField v-model="on" label="Day" :max="session?.today" class="mb-2" />
        <v-autocomplete
          v-model="chosen"
          label="Fields"
          multiple
          chips
          closable-chips
          :items="others.map((f) => ({ value: f.field.id, title: f.field.name }))"
        />
        <p class="figures">{{ chosen.length }} fields, {{ area(total) }} {{ areaUnit }}</p>
        <Refusal :says="problem" />
        <ul v-if="told.some((t) => t.refused)" role="status">
          <li v-for="t in told" :key="t.fieldId" :class="{ trouble: t.refused }">
            <b>{{ t.field }}</b>: {{ t.refused ?? 'written down' }}
          </li>
        </ul>
      </v-card-text>
      <v-card-actions>
        <v-spacer />
        <v-btn variant="text" @click="open = false">Cancel</v-btn>
        <v-btn color="primary" variant="flat" :disabled="!chosen.length || !on" :loading="busy" @click="write"
          >Write it down</v-btn
        >
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
