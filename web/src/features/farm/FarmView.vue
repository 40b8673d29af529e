<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import { useFarm, useRefresh } from '../../api/resources'
import { ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'
import { loadSession, planner } from '../../session'
import TerminationFiguresCard from './TerminationFiguresCard.vue'
import TerminationDatesCard from './TerminationDatesCard.vue'
import WeatherCard from './WeatherCard.vue'

const refresh = useRefresh()
const { data: farm, error } = useFarm()
/** The zones that clocks go by, as the browser knows them. */
const ZONES = Intl.supportedValuesOf('timeZone')
const problem = ref<Refused | ''>('')
const said = ref('')

async function act(asked: Promise<unknown>, words: string) {
  problem.value = ''
  said.value = ''
  try {
    await asked
    await loadSession()
    await refresh.all()
    said.value = words
  } catch (e) {
    problem.value = e as Refused
  }
}

function rule(change: Partial<Schemas['Rules']>) {
  const now = farm.value!
  const body = {
    overCorn: now.overCorn,
    overBeans: now.overBeans,
    rolling: now.rolling,
    rollingCorn: now.rollingCorn,
    weeds: now.weeds,
    weedClass: now.weedClass,
    placing: now.placing,
    rows: now.rows,
    spare: now.spare,
    mostCv: now.mostCv,
    version: now.version,
    ...change,
  }
  void act(got(api.PUT('/api/v1/farm/rules', { body })), 'House rule saved; every window follows it.')
}
</script>

<template>
  <div class="page">
    <h1>Farm</h1>
    <Refusal :says="error || problem" />
    <p v-if="said" role="status">{{ said }}</p>
    <div v-if="farm" class="cards">
      <div class="column">
        <v-card class="pa-4">
          <h2>House rules</h2>
          <p class="quiet">Where growers disagree, the farm chooses once.</p>
          <div class="rules">
            <v-select
              label="Seed over standing corn"
              :disabled="!planner"
              :model-value="farm.overCorn"
              :items="[
                { value: 'HALF_LEAVES_GONE', title: 'when half the leaves are gone' },
                { value: 'WEEKS_BEFORE_HARVEST', title: '4 to 6 weeks before harvest' },
              ]"
              hint="More light for the seed, or more time to grow"
              persistent-hint
              @update:model-value="rule({ overCorn: $event })"
            />
            <v-select
              label="Seed over standing soybeans"
              :disabled="!planner"
              :model-value="farm.overBeans"
              :items="[
                { value: 'BEFORE_LEAF_DROP', title: 'before leaf drop, so leaves bury the seed' },
                { value: 'HALF_DEFOLIATED', title: 'when half defoliated' },
              ]"
              hint="Falling leaves as mulch, or more light"
              persistent-hint
              @update:model-value="rule({ overBeans: $event })"
            />
            <v-select
              label="Roll before soybeans and others"
              :disabled="!planner"
              :model-value="farm.rolling"
              :items="[
                { value: 'FULL_FLOWERING', title: 'at full flowering' },
                { value: 'MILK', title: 'at milk to soft dough' },
              ]"
              hint="Earlier planting, or a surer kill"
              persistent-hint
              @update:model-value="rule({ rolling: $event })"
            />
            <v-select
              label="Roll before corn"
              :disabled="!planner"
              :model-value="farm.rollingCorn"
              :items="[
                { value: 'FULL_FLOWERING', title: 'at full flowering' },
                { value: 'MILK', title: 'at milk to soft dough' },
              ]"
              hint="Corn pays more for waiting"
              persistent-hint
              @update:model-value="rule({ rollingCorn: $event })"
            />
            <v-select
              label="Weeds where nobody scored them"
              :disabled="!planner"
              :model-value="farm.weeds"
              :items="[
                { value: 'LIGHT', title: 'few' },
                { value: 'USUAL', title: 'as usual' },
                { value: 'HEAVY', title: 'many' },
              ]"
              hint="What a mat is worth hangs on it"
              persistent-hint
              @update:model-value="rule({ weeds: $event })"
            />
            <v-select
              label="Which weeds there are most of"
              :disabled="!planner"
              :model-value="farm.weedClass"
              :items="[
                { value: 'MIXED', title: 'all kinds' },
                { value: 'SMALL_SEEDED', title: 'small-seeded, as pigweeds and foxtails' },
                { value: 'LARGE_OR_PERENNIAL', title: 'large-seeded or perennial' },
              ]"
              hint="A mat keeps small seeds down best, roots hardly"
              persistent-hint
              @update:model-value="rule({ weedClass: $event })"
            />
            <v-select
              label="Placement"
              :disabled="!planner"
              :model-value="farm.placing"
              :items="[
                { value: 'ORDINARY', title: 'ordinary' },
                { value: 'EVEN', title: 'very even, so the combine seeder goes thinner' },
              ]"
              hint="Full rates, or count on even placement"
              persistent-hint
              @update:model-value="rule({ placing: $event })"
            />
            <v-select
              label="Drilled cover rows"
              :disabled="!planner"
              :model-value="farm.rows"
              :items="[
                { value: 'SHALLOW_ANGLE', title: 'at a shallow angle to the coming rows' },
                { value: 'PARALLEL_OFFSET', title: 'parallel and offset from old and coming rows' },
                { value: 'NO_ROWS', title: 'no rows: broadcast' },
              ]"
              hint="Better cover, or fewer turns; printed on the work order"
              persistent-hint
              @update:model-value="rule({ rows: $event })"
            />
            <NumberField
              label="Spare seed"
              suffix="%"
              :disabled="!planner"
              :model-value="farm.spare * 100"
              hint="Ordered beyond the need"
              persistent-hint
              @settled="rule({ spare: Number($event) / 100 })"
            />
            <NumberField
              label="Unevenness borne in a pan test"
              suffix="%"
              :disabled="!planner"
              :model-value="farm.mostCv * 100"
              hint="15 for an even spread, 20 for cover crops"
              persistent-hint
              @settled="rule({ mostCv: Number($event) / 100 })"
            />
          </div>
          <v-text-field
            class="mt-4"
            label="Farm name"
            :disabled="!planner"
            :model-value="farm.name"
            @change="
              act(
                got(
                  api.PUT('/api/v1/farm/name', {
                    body: { name: ($event.target as HTMLInputElement).value, version: farm.version },
                  }),
                ),
                'Name saved.',
              )
            "
          />
          <v-autocomplete
            class="mt-4"
            label="Clock"
            clearable
            :disabled="!planner"
            :model-value="farm.zone ?? null"
            :items="ZONES"
            :placeholder="`as the sun goes: ${farm.clock}`"
            persistent-placeholder
            hint="Mornings and calendars go by it"
            persistent-hint
            @update:model-value="
              act(
                got(api.PUT('/api/v1/farm/zone', { body: { zone: $event ?? undefined, version: farm.version } })),
                'Clock saved.',
              )
            "
          />
          <p class="quiet mt-2 figures">
            {{ Math.abs(farm.latitude).toFixed(2) }}° {{ farm.latitude < 0 ? 'S' : 'N' }},
            {{ Math.abs(farm.longitude).toFixed(2) }}° {{ farm.longitude < 0 ? 'W' : 'E' }}
          </p>
        </v-card>
      </div>
      <div class="column">
        <WeatherCard />
        <TerminationDatesCard />
        <v-card class="pa-4"
          ><h2>Seed and machines</h2>
          <p>
            <router-link to="/catalogue">Catalogue</router-link>: every figure of species and ways in, yours to
            change.<br /><router-link to="/order">Seed lots</router-link>: tags, papers, what is left.<br /><router-link
              to="/machines"
              >Machines</router-link
            >: set-up, calibration, loads, prices.
          </p></v-card
        >
      </div>
      <TerminationFiguresCard class="whole" />
    </div>
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px;
  align-items: start;
  margin-top: 10px;
}
.column {
  display: grid;
  gap: 14px;
}
.whole {
  grid-column: 1 / -1;
  overflow-x: auto;
}
.rules {
  display: grid;
  gap: 12px;
  margin-top: 8px;
}
@media (max-width: 900px) {
  .cards {
    grid-template-columns: 1fr;
  }
}
</style>
