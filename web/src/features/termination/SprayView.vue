<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, got, type Schemas } from '../../api/client'
import {
  useFields,
  usePlannedSpray,
  useRefresh,
  useSprayPlan,
  useSprayProducts,
  type SprayAsked,
} from '../../api/resources'
import { short } from '../../format/dates'
import { bare, kept, word } from '../../format/units'
import DayField from '../../parts/DayField.vue'
import NumberField from '../../parts/NumberField.vue'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { planner, session } from '../../session'
import ProductForm from './ProductForm.vue'

/** A burndown with the farm's own products: tanks first, then what dies, what the label says, what is still to be read. */
const route = useRoute()
const id = computed(() => String(route.params.fieldId))
const zone = computed(() => route.query.zone as string | undefined)
const { data: products } = useSprayProducts()
const { data: fields } = useFields()
const name = computed(() => fields.value?.find((f) => f.field.id === id.value)?.field.name ?? 'Field')
const form = reactive({
  product: undefined as string | undefined,
  partner: undefined as string | undefined,
  on: session.value?.today ?? '',
  carrier: Number(bare(15, 'GALLON_PER_ACRE', 1)) as number | '',
  in: 'WATER' as NonNullable<SprayAsked['in']>,
  tank: Number(bare(1000, 'GALLON', 0).replace(/,/g, '')) as number | '',
})
const { data: planned } = usePlannedSpray(id, zone)
watch(
  [products, planned],
  ([known, own]) => {
    if (form.product || !own) return
    form.product = own.product ?? known?.find((p) => p.kind !== 'GROWTH_REGULATOR')?.id
    form.partner = own.partner
  },
  { immediate: true },
)
const asked = computed<SprayAsked>(() => ({
  product: form.product,
  partner: form.partner || undefined,
  on: form.on || undefined,
  carrier: kept(Number(form.carrier), 'GALLON_PER_ACRE'),
  in: form.in,
  tank: kept(Number(form.tank), 'GALLON'),
}))
const { data: plan, error } = useSprayPlan(id, zone, asked)
const editing = ref<Schemas['ProductView'] | 'new'>()
const { problem, act } = useAct()
const refresh = useRefresh()
const named = (p: Schemas['ProductView']) => ({ value: p.id, title: `${p.name} (${p.active})` })
const product = computed(() => products.value?.find((p) => p.id === form.product))
/** Whether hours, work order and day sheet go by what stands in the form. */
const isPlanned = computed(
  () =>
    planned.value?.product === form.product && (planned.value?.partner ?? undefined) === (form.partner || undefined),
)
async function planIt() {
  const body = { product: form.product!, partner: form.partner || undefined, zone: zone.value }
  const kept = await act(() =>
    got(api.PUT('/api/v1/sprays/fields/{fieldId}/planned', { params: { path: { fieldId: id.value } }, body })),
  )
  if (kept) await refresh.all()
}
async function remove(p: Schemas['ProductView']) {
  if (await act(() => got(api.DELETE('/api/v1/sprays/products/{id}', { params: { path: { id: p.id } } })))) {
    if (form.product === p.id) form.product = undefined
    if (form.partner === p.id) form.partner = undefined
    await refresh.all()
  }
}
const acres = (n: number) => bare(n, 'ACRE', 1)
const gallons = (n: number, digits = 2) => bare(n, 'GALLON', digits)
const rate = computed(() => `${bare(plan.value?.poundsAe ?? 0, 'POUND_PER_ACRE', 2)} ${word('POUND_PER_ACRE')}`)
</script>

<template>
  <div class="page spray">
    <p><router-link :to="{ name: 'termination' }">Termination</router-link> · {{ name }}</p>
    <h1>Herbicide plan</h1>
    <p v-if="products && !products.length" class="answer">
      Enter the products that stand in your own store first, with what their labels say. Nothing is taken for granted.
    </p>
    <Refusal :says="error || problem" />
    <template v-if="plan && product && !error">
      <p v-if="plan.forbids.length" class="answer trouble" role="alert">
        Not as planned: {{ plan.forbids.join('; ') }}.
      </p>
      <p v-else class="answer">
        <b>{{ rate }}</b> acid equivalent of {{ product.active
        }}<template v-if="plan.tank">
          is <b>{{ bare(plan.tank.ouncesPerAcre, 'NONE', 1) }} fl oz/ac</b> of {{ product.name }}:
          <template v-if="plan.tank.fullTanks"
            >{{ plan.tank.fullTanks }} {{ plan.tank.fullTanks === 1 ? 'tank' : 'tanks' }} of
            {{ acres(plan.tank.acresPerTank) }} {{ word('ACRE') }} with {{ gallons(plan.tank.tankProductGallons) }}
            {{ word('GALLON') }} each</template
          ><template v-if="plan.tank.fullTanks && plan.tank.lastAcres"> and </template
          ><template v-if="plan.tank.lastAcres"
            >one {{ plan.tank.fullTanks ? '' : 'tank ' }}of {{ acres(plan.tank.lastAcres) }} {{ word('ACRE') }},
            {{ gallons(plan.tank.lastGallons, 0) }} {{ word('GALLON') }} with
            {{ gallons(plan.tank.lastProductGallons) }} {{ word('GALLON') }} of it</template
          >.</template
        ><template v-else>; its label's acid equivalent is still to be read.</template>
      </p>
      <p v-if="plan.asks.length" class="asks"><b>Read off the label first.</b> {{ plan.asks.join('. ') }}.</p>
      <ul v-if="plan.against.length || plan.mixing.length" class="against">
        <li v-for="a in [...plan.mixing, ...plan.against]" :key="a">{{ a }}</li>
      </ul>
    </template>
    <form class="row" @submit.prevent>
      <v-select v-model="form.product" label="Product" :items="(products ?? []).map(named)" />
      <v-select
        v-model="form.partner"
        label="With, or before"
        clearable
        :items="(products ?? []).filter((p) => p.id !== form.product).map(named)"
      />
      <DayField v-model="form.on" label="Day" :min="session?.today" />
      <v-select
        v-model="form.in"
        label="Carried in"
        :items="[
          { value: 'WATER', title: 'water' },
          { value: 'LIQUID_NITROGEN', title: 'liquid nitrogen' },
        ]"
      />
      <NumberField v-model="form.carrier" :label="`Spray, ${word('GALLON_PER_ACRE')}`" />
      <NumberField v-model="form.tank" :label="`Tank, ${word('GALLON')}`" />
    </form>
    <p v-if="form.product" class="planned" role="status">
      <template v-if="isPlanned"
        >Planned so: its hours, its work order and the day sheet go by these labels.</template
      >
      <v-btn v-else-if="planner" variant="tonal" size="small" @click="planIt">Plan this field with it</v-btn>
    </p>
    <template v-if="plan && !error">
      <div class="two">
        <section aria-labelledby="dies">
          <h2 id="dies">What dies</h2>
          <table class="plain">
            <thead>
              <tr>
                <th scope="col">Member</th>
                <th scope="col" class="n">wants, {{ word('POUND_PER_ACRE') }} ae</th>
                <th scope="col" class="n">dies</th>
                <th scope="col">usual partner</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="m in plan.members" :key="m.species">
                <td>{{ m.species }}</td>
                <td class="n">{{ bare(m.poundsAe, 'POUND_PER_ACRE', 2) }}</td>
                <td class="n">{{ m.kill }} %</td>
                <td>{{ m.partner ?? '–' }}</td>
              </tr>
            </tbody>
          </table>
          <template v-if="plan.ways.length">
            <h2>Together or split</h2>
            <table class="plain">
              <thead>
                <tr>
                  <th scope="col">Way</th>
                  <th scope="col" class="n">grass</th>
                  <th scope="col" class="n">broadleaf</th>
                  <th scope="col" class="n">least</th>
                  <th scope="col" class="n">more</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="x in plan.ways" :key="x.words">
                  <td>
                    {{ x.words }}<template v-if="x.days"> ({{ x.days }})</template>
                  </td>
                  <td class="n">{{ x.grass }} %</td>
                  <td class="n">{{ x.broadleaf === undefined ? '–' : `${x.broadleaf} %` }}</td>
                  <td class="n">
                    <b class="one">{{ x.least }} %</b>
                  </td>
                  <td class="n">{{ x.moreDollars ? `$${bare(x.moreDollars, 'DOLLAR_PER_ACRE', 0)}` : '–' }}</td>
                </tr>
              </tbody>
            </table>
          </template>
        </section>
        <section aria-labelledby="ground">
          <h2 id="ground">Ground and soil</h2>
          <p>
            {{ acres(plan.sprayed) }} of {{ acres(plan.acres) }} {{ word('ACRE') }} are sprayed<template
              v-if="plan.sprayed < plan.acres - 0.05"
              >: the label's buffer is kept from the water, bees, houses and sensitive crops on the map</template
            >. Planting is planned for {{ short(plan.planting) }} ({{ plan.next.toLowerCase() }}).
          </p>
          <p>
            Of a residual sprayed now {{ plan.reaches }} % would reach the soil, {{ plan.washed }} % after half an
            inch of rain: the cover catches the rest.
          </p>
          <p v-if="plan.fallUntil">
            Weeds can be burnt down over it until {{ short(plan.fallUntil) }} with what leaves nothing in the soil;
            look first until {{ short(plan.fallUp) }}, when it comes up.
          </p>
          <p>
            <router-link to="/weather">Hours to spray</router-link> in the days to come: wind 3–10 mph, no inversion,
            dry leaves.
          </p>
          <p class="quiet">
            The label is the law: rate, stage, buffers, clothing and re-entry are what it says. Some actives need a
            licence and training; paraquat is fatal if swallowed. Keep off flowering covers while bees fly.
          </p>
        </section>
      </div>
    </template>
    <section class="mt-4" aria-labelledby="own">
      <h2 id="own">Your products</h2>
      <ul class="products">
        <li v-for="p in products" :key="p.id">
          <span
            ><b>{{ p.name }}</b>
            <span class="quiet">{{ p.active }}, {{ p.kind.toLowerCase().replace('_', ' ') }}</span></span
          >
          <template v-if="planner">
            <v-btn size="small" variant="text" :aria-label="`Change ${p.name}`" @click="editing = p">Change</v-btn>
            <v-btn size="small" variant="text" :aria-label="`Take out ${p.name}`" @click="remove(p)">Take out</v-btn>
          </template>
        </li>
      </ul>
      <v-btn v-if="planner && !editing" variant="tonal" @click="editing = 'new'">Enter a product</v-btn>
      <ProductForm
        v-if="editing"
        :key="editing === 'new' ? 'new' : editing.id"
        :known="editing === 'new' ? undefined : editing"
        @done="editing = undefined"
      />
    </section>
  </div>
</template>

<style scoped>
.one {
  white-space: nowrap;
}
.products b {
  margin-right: 6px;
}
.answer {
  font-size: 18px;
  max-width: 1000px;
}
.asks {
  border-left: 4px solid var(--ochre);
  padding: 4px 12px;
  max-width: 1000px;
}
.against {
  margin: 4px 0;
}
.row {
  display: grid;
  grid-template-columns: 2fr 2fr 1.4fr 1.3fr 1fr 1fr;
  gap: 10px;
  max-width: 1100px;
  margin: 8px 0;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(380px, 1fr));
  gap: 10px 32px;
}
.products {
  list-style: none;
  padding: 0;
  margin: 4px 0;
}
.products li {
  display: flex;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--hair);
  max-width: 620px;
}
.products li span:first-child {
  flex: 1;
}
@media (max-width: 800px) {
  .row,
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
