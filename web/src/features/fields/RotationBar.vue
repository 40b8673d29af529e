<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed, ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'
import { cropWords } from '../../lane/lanes'

/** Crops in turn, laid over fields from their last crop on. */
type Kind = Schemas['RotationForm']['crops'][number]
const props = defineProps<{ fields: string[]; years: number[] }>()
const emit = defineEmits<{ laid: [cells: Schemas['CropCell'][]] }>()
const crops = ref<Kind[]>([])
const problem = ref<Refused | ''>('')
const kinds: Kind[] = ['CORN_GRAIN', 'CORN_SILAGE', 'SOYBEANS', 'WINTER_WHEAT', 'OATS']
const items = computed(() => kinds.map((value) => ({ value, title: cropWords[value] })))
const next = ref<Kind | null>(null)

function add(kind: Kind | null) {
  if (kind && crops.value.length < 10) crops.value.push(kind)
  next.value = null
}
async function lay() {
  problem.value = ''
  try {
    const [from, to] = [props.years[0]!, props.years[props.years.length - 1]!]
    const body = { fields: props.fields, crops: crops.value, from, to }
    emit('laid', await got(api.POST('/api/v1/crops/rotation', { body })))
  } catch (e) {
    problem.value = e as Refused
  }
}
</script>

<template>
  <div class="rotation" role="group" aria-label="Rotation">
    <b>Rotation</b>
    <template v-for="(crop, i) in crops" :key="i">
      <span v-if="i" aria-hidden="true">→</span>
      <span class="crop">
        {{ cropWords[crop] }}
        <button type="button" :aria-label="`Take ${cropWords[crop]} out`" @click="crops.splice(i, 1)">
          <v-icon :icon="mdiClose" size="16" />
        </button>
      </span>
    </template>
    <v-select v-model="next" class="next" label="Next crop" :items="items" @update:model-value="add" />
    <v-btn variant="tonal" color="primary" :disabled="!crops.length || !fields.length" @click="lay">
      Lay over {{ fields.length === 1 ? '1 field' : `${fields.length} fields` }}
    </v-btn>
    <Refusal :says="problem" />
  </div>
</template>

<style scoped>
.rotation {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
}
.crop {
  display: inline-flex;
  align-items: center;
  gap: 2px;
  padding: 2px 4px 2px 10px;
  border: 1px solid var(--hair);
  border-radius: 3px;
}
.crop button {
  all: unset;
  cursor: pointer;
  padding: 6px;
}
.crop button:focus-visible {
  outline: 2px solid rgb(var(--v-theme-primary));
}
.next {
  width: 150px;
}
</style>
