<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, got } from '../../api/client'
import { useYard } from '../../api/resources'
import { area, areaUnit, perArea, perAreaUnit } from '../../format/units'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'

/** Common machines by size, to be ticked off; their figures are changed later. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ added: [id: string] }>()
const { data: offered } = useYard(open)
const chosen = ref<string[]>([])
const { problem, busy, act } = useAct()
watch(open, () => (chosen.value = []))

async function add() {
  const made = await act(() => got(api.POST('/api/v1/machines/yard', { body: { codes: chosen.value } })))
  if (!made) return
  open.value = false
  emit('added', made[0]!.id)
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" scrollable>
    <v-card
      title="Starter yard"
      subtitle="Common machines by size. Prices and figures are starting values; change them later."
    >
      <v-card-text>
        <table class="plain">
          <thead>
            <tr>
              <th>Machine</th>
              <th class="n">{{ areaUnit }}/h</th>
              <th class="n">{{ perAreaUnit }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="m in offered" :key="m.code">
              <td>
                <label class="pick">
                  <input v-model="chosen" type="checkbox" :value="m.code" />{{ m.words }}
                  <span v-if="m.hired" class="quiet">hired</span>
                </label>
              </td>
              <td class="n">{{ area(m.acresPerHour, 1) }}</td>
              <td class="n">{{ perArea(Number(m.costPerAcre)) }}</td>
            </tr>
          </tbody>
        </table>
        <Refusal :says="problem" />
      </v-card-text>
      <v-card-actions>
        <v-spacer />
        <v-btn variant="text" @click="open = false">Cancel</v-btn>
        <v-btn color="primary" variant="flat" :disabled="!chosen.length" :loading="busy" @click="add">
          Add {{ chosen.length === 1 ? '1 machine' : `${chosen.length} machines` }}
        </v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.pick {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 32px;
}
</style>
