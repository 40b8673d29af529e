<script setup lang="ts">
import { useOrder } from '../../api/resources'
import { mdiChevronDown, mdiChevronRight } from '@mdi/js'
import { computed, reactive, ref } from 'vue'
import { api, got } from '../../api/client'
import { bare, mass, massUnit, money, number, units, word } from '../../format/units'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import LotTable from './LotTable.vue'
import FigureField from '../../parts/FigureField.vue'

const { data: order, error } = useOrder()
const { problem, said, busy, act } = useAct()
const opened = ref('')
const pasting = ref(false)
const text = ref('')
const price = reactive({ dealer: '', packLb: '', pricePerLb: '' })
const dollars = (value: number) => '$' + number(value, 2)

/** The price that is changed, as it was seen. */
let shown: number | undefined
function open(species: string) {
  opened.value = opened.value === species ? '' : species
  const line = order.value?.lines.find((l) => l.species === species)
  if (line) shown = line.pricePerLb
  if (line)
    Object.assign(price, { dealer: line.dealer, packLb: String(line.packLb), pricePerLb: String(line.pricePerLb) })
}
const keep = (species: string) =>
  act(
    () =>
      got(
        api.PUT('/api/v1/order/prices', {
          body: {
            species,
            dealer: price.dealer,
            packLb: Number(price.packLb),
            pricePerLb: Number(price.pricePerLb),
            was: shown,
          },
        }),
      ),
    'Price kept.',
  )
async function paste() {
  const kept = await act(() => got(api.POST('/api/v1/order/prices', { body: { text: text.value } })), 'Prices kept.')
  if (kept) {
    pasting.value = false
    text.value = ''
  }
}
const columns = computed(() =>
  units.value === 'US' ? 'pounds in a pack, dollars a pound' : 'kilograms in a pack, dollars a kilogram',
)
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Seed order</h1>
      <b v-if="order" class="figures total">{{ money(order.cost) }}</b>
      <span v-if="order" class="quiet"
        >all fields still to be sown, {{ number(order.spare * 100) }} % spare, less what is in store</span
      >
      <v-spacer />
      <template v-if="order"
        ><a href="/api/v1/order/file?format=pdf" download="seed-order.pdf">PDF</a
        ><a href="/api/v1/order/file?format=xlsx" download="seed-order.xlsx">Spreadsheet</a
        ><a href="/api/v1/order/file?format=csv" download="seed-order.csv">CSV</a></template
      >
      <v-btn v-if="planner" variant="tonal" color="primary" size="small" @click="pasting = !pasting"
        >Paste prices</v-btn
      >
    </div>
    <Refusal :says="error || problem" />
    <p v-if="said" role="status">{{ said }}</p>
    <form v-if="pasting" class="paste" @submit.prevent="paste">
      <v-textarea
        v-model="text"
        rows="5"
        :label="`From a spreadsheet: species, dealer, ${columns}`"
        placeholder="Cereal rye&#9;Tansy Seed&#9;2000&#9;0.24"
      />
      <v-btn type="submit" color="primary" :loading="busy" :disabled="!text.trim()">Keep these prices</v-btn>
    </form>
    <ul v-if="order?.missing.length" class="missing" role="alert">
      <li v-for="m in order.missing" :key="m.field">
        <b>{{ m.field }} is not in this order.</b> {{ m.says }}
      </li>
    </ul>
    <table v-if="order" class="plain">
      <thead>
        <tr>
          <th>Species</th>
          <th class="n">needed {{ massUnit }}</th>
          <th class="n">in store</th>
          <th class="n">short</th>
          <th class="n">to buy</th>
          <th>Dealer</th>
          <th class="n">{{ word('DOLLAR_PER_POUND') }}</th>
          <th class="n">cost</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="l in order.lines" :key="l.species">
          <tr :class="{ open: opened === l.species }">
            <td>
              <button
                type="button"
                class="row"
                :aria-expanded="opened === l.species"
                :aria-label="`What ${l.name} costs and why`"
                @click="open(l.species)"
              >
                <v-icon :icon="opened === l.species ? mdiChevronDown : mdiChevronRight" size="20" />{{ l.name }}
              </button>
              <span class="quiet">{{
                l.fields.length === 1 ? l.fields[0]!.field : `${l.fields.length} fields`
              }}</span>
            </td>
            <td class="n">{{ mass(l.neededLb) }}</td>
            <td class="n">{{ mass(l.inStoreLb) }}</td>
            <td class="n" :class="{ trouble: l.shortLb > 0 }">{{ mass(l.shortLb) }}</td>
            <td class="n">{{ l.packs ? `${number(l.packs)} × ${mass(l.packLb)} ${massUnit}` : 'none' }}</td>
            <td>{{ l.dealer || '–' }}</td>
            <td class="n">${{ bare(l.pricePerLb, 'DOLLAR_PER_POUND', 2) }}</td>
            <td class="n">
              <b>{{ dollars(l.cost) }}</b>
            </td>
          </tr>
          <tr v-if="opened === l.species">
            <td colspan="8" class="inside">
              <p>
                <b class="figures">{{ mass(l.neededLb) }} {{ massUnit }}</b> on
                {{ l.fields.length === 1 ? 'one field' : `${l.fields.length} fields` }},
                {{ number(order.spare * 100) }} % spare in it; {{ mass(l.inStoreLb) }} {{ massUnit }} in store, so
                {{ mass(l.shortLb) }} {{ massUnit }} are short.
                <template v-if="l.packs"
                  >That is {{ number(l.packs) }} of {{ mass(l.packLb) }} {{ massUnit }}, or {{ mass(l.boughtLb) }}
                  {{ massUnit }} at ${{ bare(l.pricePerLb, 'DOLLAR_PER_POUND', 2) }}:
                  <b>{{ dollars(l.cost) }}</b>.</template
                >
              </p>
              <ul class="each">
                <li v-for="f in l.fields" :key="f.field">
                  {{ f.field }} <span class="figures">{{ mass(f.pounds) }} {{ massUnit }}</span>
                </li>
              </ul>
              <form v-if="planner" class="form" @submit.prevent="keep(l.species)">
                <v-text-field v-model="price.dealer" label="Dealer" /><FigureField
                  v-model="price.packLb"
                  label="Bag or tote"
                  unit="POUND"
                /><FigureField v-model="price.pricePerLb" label="Price" unit="DOLLAR_PER_POUND" /><v-btn
                  type="submit"
                  variant="tonal"
                  color="primary"
                  >Keep the price</v-btn
                >
              </form>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <div class="under">
      <section v-if="order?.dealers.length" aria-label="By dealer">
        <h2>By dealer</h2>
        <table class="plain">
          <thead>
            <tr>
              <th>Dealer</th>
              <th class="n">packs</th>
              <th class="n">{{ massUnit }}</th>
              <th class="n">cost</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="d in order.dealers" :key="d.dealer">
              <td>{{ d.dealer || 'no dealer named' }}</td>
              <td class="n">{{ number(d.packs) }}</td>
              <td class="n">{{ mass(d.pounds) }}</td>
              <td class="n">{{ dollars(d.cost) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <LotTable />
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 10px;
}
.missing {
  border-left: 4px solid var(--madder);
  padding: 4px 12px;
  list-style: none;
  margin: 0 0 10px;
}
.total {
  font-size: 1.5rem;
}
.paste {
  display: grid;
  gap: 8px;
  max-width: 720px;
  margin-bottom: 12px;
}
.row {
  min-height: 40px;
  padding: 0 8px 0 0;
  border: 0;
  background: none;
  font: inherit;
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
  text-align: left;
  cursor: pointer;
}
.inside {
  background: var(--furrow);
  border-left: 4px solid var(--flax);
}
.inside p {
  margin: 4px 0;
}
.each {
  columns: 3 220px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.form {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr auto;
  gap: 8px;
  align-items: center;
  margin-top: 6px;
  max-width: 760px;
}
.under {
  display: grid;
  grid-template-columns: 1fr 1.4fr;
  gap: 18px;
  margin-top: 20px;
  align-items: start;
}
@media (max-width: 900px) {
  .under,
  .form {
    grid-template-columns: 1fr;
  }
  table.plain {
    display: block;
    overflow-x: auto;
  }
}
</style>
