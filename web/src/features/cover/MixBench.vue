<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { bulk, bulkUnit, density, densityUnit, number, rain, rate, rateUnit } from '../../format/units'

const emerged = ref<boolean | null>(null)
defineProps<{ answer: Schemas['CoverAnswer'] }>()
</script>

<template>
  <section aria-label="Mix bench" class="bench">
    <div v-for="m in answer.members" :key="m.species" class="member">
      <b>{{ m.name }}</b>
      <span class="figures"
        >{{ density(m.seedsPerSquareFoot) }} live seeds {{ densityUnit }} × {{ m.emergencePercent }} % up =
        <b>{{ density(m.plantsPerSquareFoot) }}</b> plants</span
      >
      <span v-if="m.stand" class="tag" :class="{ poor: m.stand === 'poor stand' }">{{ m.stand }}</span>
      <span class="quiet figures">winter-kill {{ m.winterKillPercent }} %</span>
    </div>
    <p class="figures sum">
      Shares {{ number(answer.bench.totalShare, 2) }} of full rates <span class="quiet">(0.7 to 1.3 is usual)</span> ·
      {{ rate(answer.bulkRate) }} {{ rateUnit }} bulk at {{ bulk(answer.bench.poundsPerCubicFoot) }} {{ bulkUnit }}
    </p>
    <p v-if="answer.bench.earliest && answer.bench.latest && answer.bench.earliest !== answer.bench.latest">
      {{ answer.bench.earliest }} flowers first, {{ answer.bench.latest }} last: the end waits for the last.
    </p>
    <p v-if="answer.bench.nitrogen">
      At its end about {{ short(answer.bench.nitrogen.on) }}: carbon to nitrogen
      <b class="figures">{{ number(answer.bench.nitrogen.carbonToNitrogen) }}</b>, holds
      <b class="figures">{{ rate(answer.bench.nitrogen.contentLbAc, 0) }} {{ rateUnit }} of nitrogen</b>,
      <b v-if="answer.bench.nitrogen.availableLbAc >= 0" class="figures"
        >gives the next crop about {{ rate(answer.bench.nitrogen.availableLbAc, 0) }}</b
      ><b v-else class="figures" :class="{ trouble: answer.bench.nitrogen.starterWanted }"
        >ties up about {{ rate(-answer.bench.nitrogen.availableLbAc, 0)
        }}<template v-if="answer.bench.nitrogen.starterWanted"
          >; the corn after it wants starter nitrogen</template
        ></b
      >.
    </p>
    <p v-if="answer.bench.moisture">
      On the surface this seed wants {{ rain(answer.bench.moisture.wantedIn) }} within a week, or moist ground:
      <b class="figures" :class="{ trouble: answer.bench.moisture.chancePercent < 50 }"
        >{{ answer.bench.moisture.chancePercent }} %</b
      >
      chance. Dry {{ answer.bench.moisture.dryDaysMiddle }} days in the middle year,
      {{ answer.bench.moisture.dryDaysBad }} in a bad one: {{ answer.bench.moisture.lossMiddlePercent }}–{{
        answer.bench.moisture.lossBadPercent
      }}
      % of the seed lost.
    </p>
    <ul v-if="answer.bench.cautions.length">
      <li v-for="c in answer.bench.cautions" :key="c" class="trouble">{{ c }}</li>
    </ul>
    <ol v-if="answer.bench.steps.length">
      <li v-for="s in answer.bench.steps" :key="s.what">
        {{ s.what }}<template v-if="s.withinDays">, {{ s.afterDays }}–{{ s.withinDays }} days after</template>
      </li>
    </ol>
    <details>
      <summary>Expected stand by way in</summary>
      <table class="plain">
        <thead>
          <tr>
            <th>Way in, at its own rate</th>
            <th class="n">bulk {{ rateUnit }}</th>
            <th class="n">plants {{ densityUnit }}</th>
            <th>poorest member</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="w in answer.bench.byWay" :key="w.words" :class="{ chosen: w.chosen }">
            <td>{{ w.words }}</td>
            <td class="n">{{ rate(w.bulkRate) }}</td>
            <td class="n">{{ density(w.plants) }}</td>
            <td :class="{ trouble: w.stand === 'poor stand' }">{{ w.stand ?? 'no figure' }}</td>
          </tr>
        </tbody>
      </table>
    </details>
    <details>
      <summary>A burndown this fall?</summary>
      <p>
        <b>Has the cover emerged?</b>
        <button type="button" class="ask" :aria-pressed="emerged === false" @click="emerged = false">Not yet</button
        ><button type="button" class="ask" :aria-pressed="emerged === true" @click="emerged = true">Yes</button>
      </p>
      <p v-if="emerged !== null" role="status">{{ answer.bench.burndown[emerged ? 1 : 0] }}</p>
    </details>
  </section>
</template>

<style scoped>
summary {
  cursor: pointer;
  color: rgb(var(--v-theme-primary));
  padding: 4px 0;
}
.ask {
  border: 1px solid var(--hair);
  background: rgb(var(--v-theme-surface));
  color: inherit;
  border-radius: 3px;
  padding: 2px 12px;
  margin-left: 6px;
  min-height: 32px;
  cursor: pointer;
}
.ask[aria-pressed='true'] {
  border-color: var(--flax);
  font-weight: 700;
}
.chosen td {
  font-weight: 700;
}
.bench {
  border-top: 1px solid var(--hair);
  padding: 8px 0;
}
.member {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  padding: 2px 0;
}
.tag {
  border: 1px solid var(--sage);
  border-radius: 9px;
  padding: 0 8px;
  font-size: 0.82rem;
}
.tag.poor {
  border-color: var(--madder);
  color: var(--madder);
}
p {
  margin: 4px 0;
}
.sum {
  font-size: 1.05rem;
}
ul,
ol {
  margin: 2px 0;
  padding-left: 20px;
}
</style>
