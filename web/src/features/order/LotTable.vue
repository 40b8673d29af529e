<script setup lang="ts">
import TradeWord from '../../parts/TradeWord.vue'
import NumberField from '../../parts/NumberField.vue'
import DayField from '../../parts/DayField.vue'
import { useLots, useRefresh, useSeedStore, useSpecies } from '../../api/resources'
import { reactive, ref } from 'vue'
import { api, got, type Refused } from '../../api/client'
import { short } from '../../format/dates'
import { mass, massUnit, number } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import LotPapers from './LotPapers.vue'
import { planner } from '../../session'
import FigureField from '../../parts/FigureField.vue'

const refresh = useRefresh()
const { data: lots } = useLots()
const { data: left } = useSeedStore()
const leftOf = (id: string) => left.value?.find((l) => l.lotId === id)?.leftLb
const { data: species } = useSpecies()
const form = reactive({
  species: 'cereal-rye',
  name: '',
  purity: '',
  germination: '',
  hardSeed: '',
  testedOn: '',
  pounds: '',
  dealer: '',
  binRun: false,
  untreated: false,
  organic: false,
})
const papersOf = ref('')
const adding = ref(false)
const problem = ref<Refused | ''>('')
const said = ref('')

async function act(asked: () => Promise<unknown>, clear = false) {
  problem.value = ''
  try {
    await asked()
    await refresh.all()
    if (clear) adding.value = false
    if (clear) Object.assign(form, { name: '', purity: '', germination: '', hardSeed: '', testedOn: '', pounds: '' })
  } catch (e) {
    problem.value = e as Refused
  }
}
const add = () =>
  act(
    () =>
      got(
        api.POST('/api/v1/lots', {
          body: {
            species: form.species,
            name: form.name,
            purity: Number(form.purity),
            germination: Number(form.germination),
            hardSeed: form.hardSeed === '' ? undefined : Number(form.hardSeed),
            testedOn: form.testedOn || undefined,
            pounds: Number(form.pounds || 0),
            dealer: form.dealer,
            binRun: form.binRun,
            untreated: form.untreated,
            organic: form.organic,
          },
        }),
      ),
    true,
  )
const remove = (id: string) =>
  act(async () => {
    said.value = (await got(api.DELETE('/api/v1/lots/{id}', { params: { path: { id } } })))?.says ?? ''
  })
const percent = (share: number) => number(share * 100, 0) + ' %'
</script>

<template>
  <v-card class="pa-4">
    <h2>Seed lots</h2>
    <table class="plain">
      <thead>
        <tr>
          <th><TradeWord of="lot">Lot</TradeWord></th>
          <th class="n"><TradeWord of="purity" /></th>
          <th class="n"><TradeWord of="germination">germ.</TradeWord></th>
          <th class="n"><TradeWord of="hard seed">hard</TradeWord></th>
          <th>tested</th>
          <th class="n">bought {{ massUnit }}</th>
          <th class="n">left</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in lots" :key="l.id">
          <td>
            {{ l.name }}<br /><span class="quiet">{{
              [
                species?.find((s) => s.id === l.species)?.name,
                l.binRun ? 'bin-run' : '',
                l.organic ? 'organic' : '',
                l.untreated ? 'untreated' : '',
                l.dealer,
              ]
                .filter(Boolean)
                .join(', ')
            }}</span>
          </td>
          <td class="n">{{ percent(l.purity) }}</td>
          <td class="n">{{ percent(l.germination) }}</td>
          <td class="n">{{ l.hardSeed ? percent(l.hardSeed) : '' }}</td>
          <td class="figures when">{{ l.testedOn ? `${short(l.testedOn)} ${l.testedOn.slice(0, 4)}` : 'never' }}</td>
          <td class="n">{{ mass(l.pounds) }}</td>
          <td class="n">
            <b>{{ leftOf(l.id) === undefined ? '' : mass(leftOf(l.id)!) }}</b>
          </td>
          <td>
            <v-btn
              size="x-small"
              variant="text"
              :aria-label="`Papers of ${l.name}`"
              :aria-expanded="papersOf === l.id"
              @click="papersOf = papersOf === l.id ? '' : l.id"
              >Papers</v-btn
            ><v-btn
              v-if="planner"
              size="x-small"
              variant="text"
              :aria-label="`Take out ${l.name}`"
              @click="remove(l.id)"
              >Take out</v-btn
            >
          </td>
        </tr>
      </tbody>
    </table>
    <LotPapers
      v-if="papersOf"
      :key="papersOf"
      :lot-id="papersOf"
      :name="lots?.find((l) => l.id === papersOf)?.name ?? ''"
    />
    <v-btn
      v-if="planner"
      class="mt-2"
      variant="tonal"
      color="primary"
      :aria-expanded="adding"
      @click="adding = !adding"
      >Enter a lot</v-btn
    >
    <form v-if="planner && adding" class="form" @submit.prevent="add">
      <v-select
        v-model="form.species"
        label="Species"
        :items="species?.map((s) => ({ value: s.id, title: s.name }))"
      /><v-text-field v-model="form.name" label="Lot" required /><FigureField
        v-model="form.pounds"
        label="Bought"
        unit="POUND"
      />
      <NumberField v-model="form.purity" label="Purity, %" required /><NumberField
        v-model="form.germination"
        label="Germination, %"
        required
      /><NumberField v-model="form.hardSeed" label="Hard seed, %" />
      <DayField v-model="form.testedOn" label="Tested on" /><v-text-field v-model="form.dealer" label="Dealer" />
      <div class="ticks">
        <v-checkbox v-model="form.binRun" label="Bin-run" /><v-checkbox
          v-model="form.untreated"
          label="Untreated"
        /><v-checkbox v-model="form.organic" label="Organic" />
      </div>
      <v-btn class="add" type="submit" variant="tonal" color="primary">Add the lot</v-btn>
    </form>
    <p v-if="said" role="status">{{ said }}</p>
    <Refusal :says="problem" />
  </v-card>
</template>

<style scoped>
td.n,
.when {
  white-space: nowrap;
}
.form {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 8px;
  margin-top: 12px;
  align-items: center;
}
.add {
  grid-column: span 3;
}
.ticks {
  display: flex;
  gap: 8px;
  grid-column: span 3;
}
</style>
