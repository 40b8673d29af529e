<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { usePlanVersion, usePlanVersions, useRefresh } from '../../api/resources'
import { short } from '../../format/dates'
import { money } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'

/** What was meant on earlier days, against today's board; any of it can be brought back. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ taken: [string] }>()
const refresh = useRefresh()
const { data: versions } = usePlanVersions()
const chosen = ref('')
const { data: told, error } = usePlanVersion(chosen)
const problem = ref<Refused | ''>('')
const how: Record<Schemas['Version']['how'], string> = {
  PLANNED: 'planned anew',
  REPLANNED: 'mended',
  RESTORED: 'brought back',
  PUBLISHED: 'kept by hand',
}
const at = (iso: string) => new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
const lost = (v: Schemas['Version']) => (v.dollars == null ? '' : `, lost ${money(v.dollars)}`)
const items = computed(() =>
  (versions.value ?? []).map((v) => ({
    value: v.id,
    title: `${short(v.on)} at ${at(v.at)}, ${how[v.how]}, ${v.jobs} jobs${lost(v)}`,
  })),
)
const place = (machine?: string, day?: string) => (machine && day ? `${machine}, ${short(day)}` : 'no place')

async function act(asked: () => Promise<unknown>, said: string, close: boolean) {
  problem.value = ''
  try {
    await asked()
    await refresh.jobs()
    emit('taken', said)
    if (close) open.value = false
  } catch (e) {
    problem.value = e as Refused
  }
}
const keep = () => act(() => got(api.POST('/api/v1/dispatch/versions')), 'Kept as it is now.', false)
const restore = () =>
  act(
    () => got(api.POST('/api/v1/dispatch/versions/{id}/restore', { params: { path: { id: chosen.value } } })),
    'An earlier plan is back; locked jobs stayed.',
    true,
  )
</script>

<template>
  <v-dialog v-model="open" aria-label="What we meant" max-width="720">
    <v-card title="What we meant" subtitle="Plans as they were kept, against the board of today">
      <v-card-text>
        <v-select v-model="chosen" label="Kept plan" :items="items" no-data-text="None yet" />
        <Refusal :says="error || problem" />
        <template v-if="told">
          <p>
            <b>{{ told.differs.length }}</b> jobs stand elsewhere today, {{ told.same }} where they were;
            {{ told.done }} are done or gone since.
          </p>
          <table v-if="told.differs.length" class="told">
            <thead>
              <tr>
                <th>Job</th>
                <th>Then</th>
                <th>Today</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="d in told.differs" :key="d.field + d.words">
                <td>
                  <b>{{ d.field }}</b>, {{ d.words }}
                </td>
                <td>{{ place(d.thenMachine, d.then) }}</td>
                <td>{{ place(d.nowMachine, d.now) }}</td>
              </tr>
            </tbody>
          </table>
        </template>
      </v-card-text>
      <v-card-actions>
        <v-btn variant="text" @click="keep">Keep today’s</v-btn>
        <v-spacer />
        <v-btn variant="text" @click="open = false">Close</v-btn>
        <v-btn color="primary" variant="flat" :disabled="!told" @click="restore">Bring it back</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
