<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useDaySheet } from '../../api/resources'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { clockRange, long } from '../../format/dates'
import { area, areaUnit, mass, massUnit, number, rate, rateUnit } from '../../format/units'
import FieldOutline from '../../parts/FieldOutline.vue'
import { plusDays } from '../../work/board'
import RouteMap from './RouteMap.vue'
import SheetTold from './SheetTold.vue'
import SprayLine from './SprayLine.vue'

const route = useRoute()
const day = computed(() => String(route.params.day))
const { data: sheet, error } = useDaySheet(day)
const sows = (m: Schemas['SheetMachine']) => m.jobs.some((j) => j.seed.length > 0)
const print = () => window.print()
</script>

<template>
  <div class="page sheet">
    <div class="no-print tools">
      <router-link to="/dispatch">Back to the board</router-link><v-spacer />
      <router-link :to="{ name: 'sheet', params: { day: plusDays(day, -1) } }">Day before</router-link
      ><router-link :to="{ name: 'sheet', params: { day: plusDays(day, 1) } }">Day after</router-link>
      <v-btn color="primary" size="small" @click="print">Print</v-btn>
    </div>
    <p v-if="error" class="trouble">{{ error.message }}</p>
    <template v-if="sheet">
      <h1>{{ sheet.farm }}: {{ long(sheet.day) }}</h1>
      <SheetTold :sheet="sheet" />
      <p v-if="!sheet.machines.length" class="quiet">No work is placed on this day.</p>
      <section v-for="m in sheet.machines" :key="m.machine">
        <h2>{{ m.machine }}<span v-if="m.hired" class="quiet"> hired</span></h2>
        <table class="plain">
          <thead>
            <tr>
              <th />
              <th>Field</th>
              <th>Work</th>
              <th v-if="sows(m)">Seed, bulk</th>
              <th class="n">{{ areaUnit }} today</th>
              <th class="n">hours</th>
              <th class="n">open and fit</th>
              <th>done {{ areaUnit }}</th>
              <th v-if="sows(m)">{{ massUnit }} used</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="j in m.jobs" :key="j.field + j.words">
              <td><FieldOutline v-if="j.boundary" :boundary="j.boundary" :size="44" /></td>
              <td>
                <b>{{ j.field }}</b><br /><span class="quiet">{{ j.farmstead }}</span>
              </td>
              <td>
                {{ j.words }}<br /><span class="quiet">{{ [j.cover, j.driver].filter(Boolean).join(' · ') }}</span>
                <SprayLine v-if="j.spray" :spray="j.spray" />
              </td>
              <td v-if="sows(m)">
                <div v-for="s in j.seed" :key="s.name" class="figures">
                  {{ s.name }} {{ rate(s.bulkRate) }} {{ rateUnit }}, {{ mass(s.pounds) }} {{ massUnit }}
                </div>
              </td>
              <td class="n">
                <template v-if="!j.counted">{{ area(j.acres, 1) }} of {{ area(j.fieldAcres, 1) }}</template>
              </td>
              <td class="n">
                {{ number(j.hours, 1)
                }}<template v-if="j.begins && j.ends"
                  ><br /><span class="quiet">about {{ clockRange(j.begins, j.ends) }}</span></template
                >
              </td>
              <td class="n">{{ j.fitChance }} %</td>
              <td class="blank" />
              <td v-if="sows(m)" class="blank" />
            </tr>
          </tbody>
        </table>
        <ul class="cautions">
          <li v-for="c in m.cautions" :key="c">{{ c }}</li>
        </ul>
      </section>
      <RouteMap v-if="sheet.machines.length" :machines="sheet.machines" />
      <p class="sign">
        Operator ______________________ &nbsp; Weather ______________________ &nbsp; Problems ______________________
      </p>
    </template>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 14px;
  align-items: center;
  margin-bottom: 12px;
}
section {
  margin-top: 16px;
  break-inside: avoid;
}
.blank {
  min-width: 70px;
  border-left: 1px solid var(--hair);
}
.cautions {
  font-size: 0.84rem;
  margin: 6px 0;
  padding-left: 18px;
}
.sign {
  margin-top: 30px;
}
@media print {
  .sheet {
    padding: 0;
  }
}
</style>
