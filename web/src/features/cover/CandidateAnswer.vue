<script setup lang="ts">
import TradeWord from '../../parts/TradeWord.vue'
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import MixBench from './MixBench.vue'
import { range, short } from '../../format/dates'
import {
  density,
  densityUnit,
  mass,
  massUnit,
  matter,
  money,
  number,
  perArea,
  perAreaUnit,
  rate,
  rateUnit,
} from '../../format/units'

const props = defineProps<{ answer: Schemas['CoverAnswer'] }>()
const chosen = computed(() => props.answer.terminations.find((r) => r.chosen))
const others = computed(() => props.answer.terminations.filter((r) => !r.chosen))
const best = computed(() => range(props.answer.window.bestFrom.middle, props.answer.window.bestTo.middle))
</script>

<template>
  <div class="answer" aria-live="polite">
    <section aria-label="Window">
      <template v-if="answer.window.impossible">
        <p class="trouble big">Not possible: {{ answer.window.impossible }}.</p>
        <p v-if="answer.window.remedy">Instead: {{ answer.window.remedy }}.</p>
      </template>
      <dl v-else class="four">
        <div>
          <dt>Opens</dt>
          <dd>{{ range(answer.window.opens.early, answer.window.opens.late) }}</dd>
        </div>
        <div>
          <dt>Best</dt>
          <dd>{{ best }}</dd>
        </div>
        <div>
          <dt><TradeWord of="last useful">Last useful</TradeWord></dt>
          <dd>{{ short(answer.window.lastUseful) }}</dd>
        </div>
        <div>
          <dt>Possible to</dt>
          <dd>{{ short(answer.window.possible) }}</dd>
        </div>
        <div>
          <dt>{{ answer.sown ? 'Sown' : 'Sow about' }}</dt>
          <dd>{{ short(answer.seeding) }}</dd>
        </div>
        <div v-if="!answer.sown">
          <dt><TradeWord of="in time">Still in time</TradeWord></dt>
          <dd :class="{ trouble: answer.window.chance < 50 }">{{ answer.window.chance }} %</dd>
        </div>
      </dl>
      <p
        v-if="!answer.sown && !answer.window.impossible && answer.window.verdict !== 'NOT_YET'"
        class="says"
        :class="{ trouble: answer.window.verdict === 'SHUT' }"
      >
        {{ answer.window.says }}
      </p>
    </section>

    <section aria-label="Seed">
      <table class="plain">
        <thead>
          <tr>
            <th>Seed</th>
            <th class="n"><TradeWord of="live rate">live</TradeWord> {{ rateUnit }}</th>
            <th class="n"><TradeWord of="bulk rate">bulk</TradeWord> {{ rateUnit }}</th>
            <th class="n">seeds {{ densityUnit }}</th>
            <th class="n"><TradeWord of="plants" /> {{ densityUnit }}</th>
            <th class="n">field {{ massUnit }}</th>
            <th class="n">bags</th>
            <th class="n">{{ perAreaUnit }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="m in answer.members" :key="m.species">
            <td>{{ m.name }}</td>
            <td class="n">{{ rate(m.liveRate) }}</td>
            <td class="n">{{ rate(m.bulkRate) }}</td>
            <td class="n">{{ density(m.seedsPerSquareFoot) }}</td>
            <td class="n">{{ density(m.plantsPerSquareFoot) }}</td>
            <td class="n">{{ mass(m.fieldPounds) }}</td>
            <td class="n">{{ number(m.bags) }}</td>
            <td class="n">{{ perArea(m.costPerAcre) }}</td>
          </tr>
          <tr v-if="answer.members.length > 1" class="sum">
            <td>Together</td>
            <td class="n">{{ rate(answer.liveRate) }}</td>
            <td class="n">{{ rate(answer.bulkRate) }}</td>
            <td />
            <td />
            <td class="n">{{ mass(answer.fieldPounds) }}</td>
            <td class="n">{{ number(answer.bags) }}</td>
            <td class="n">{{ perArea(answer.costPerAcre) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="quiet small">
        Seed for this field {{ money(answer.fieldCost) }} at starting-value prices.
        <template v-for="m in answer.members" :key="m.species"
          ><template v-if="m.winterKillPercent > 4"
            >{{ m.name }}: {{ m.winterKillPercent }} % chance of winter-kill.
          </template></template
        >
      </p>
      <ul class="notes">
        <template v-for="m in answer.members" :key="m.species"
          ><li v-for="n in m.notes" :key="n">{{ m.name }}: {{ n }}</li></template
        >
      </ul>
    </section>

    <MixBench :answer="answer" />

    <section v-if="chosen" aria-label="Its end">
      <h3>{{ chosen.words }}</h3>
      <template v-if="chosen.impossible"
        ><p class="trouble">Not possible: {{ chosen.impossible }}.</p>
        <p v-if="chosen.remedy">Instead: {{ chosen.remedy }}.</p></template
      >
      <template v-else>
        <p>
          Aim for <b class="figures">{{ short(chosen.aim) }}</b>, open
          {{ range(chosen.opens.middle, chosen.closes.middle)
          }}<template v-if="chosen.mat"
            >; <TradeWord of="mat" /> <b class="figures">{{ matter(chosen.mat.middle) }}</b> {{ rateUnit }} dry
            <span class="quiet figures">({{ matter(chosen.mat.low) }}–{{ matter(chosen.mat.high) }})</span></template
          ><template v-if="chosen.killLow !== undefined"
            >; <TradeWord of="kill" /> <b class="figures">{{ chosen.killLow }}–{{ chosen.killHigh }} %</b></template
          >.
        </p>
        <p v-if="chosen.members.length > 1" class="small">
          By member:
          <template v-for="(m, i) in chosen.members" :key="m.species"
            >{{ i ? ', ' : '' }}{{ m.species }}
            <span class="figures" :class="{ trouble: m.kill === undefined }">{{
              m.kill === undefined ? 'no figure' : `${m.kill} %`
            }}</span></template
          >.
        </p>
        <ul>
          <li v-for="r in chosen.reasons" :key="r">{{ r }}</li>
          <li v-for="r in chosen.against" :key="r" class="trouble">{{ r }}</li>
        </ul>
        <p v-if="chosen.termination === 'EARLY_SPRAY' || chosen.termination === 'PLANT_GREEN'" class="caution">
          The label decides rate, stage and everything else; these figures are for planning. Confirm the latest kill
          date with your insurance agent.
        </p>
        <p v-else-if="chosen.termination === 'ROLL'" class="caution">
          Keep clear of hitch and drum; block a lifted roller before service. Confirm the latest kill date with your
          insurance agent.
        </p>
      </template>
    </section>

    <details v-if="answer.stages.length || others.length">
      <summary>Stages in spring, and what speaks for and against the other ways to end it</summary>
      <table v-if="answer.stages.length" class="plain stages">
        <thead>
          <tr>
            <th>Stage</th>
            <th>10–90 %</th>
            <th class="n">middle</th>
            <th class="n">mat {{ rateUnit }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in answer.stages" :key="s.code">
            <td>{{ s.words }}</td>
            <td class="figures">{{ range(s.when.early, s.when.late) }}</td>
            <td class="n">{{ short(s.when.middle) }}</td>
            <td class="n">{{ s.mat ? matter(s.mat.middle) : '' }}</td>
          </tr>
        </tbody>
      </table>
      <div v-for="r in others" :key="r.termination" class="other">
        <h4>{{ r.words }}</h4>
        <p v-if="r.impossible" class="quiet">Not possible: {{ r.impossible }}. Instead: {{ r.remedy }}.</p>
        <ul v-else>
          <li v-for="t in r.reasons" :key="t">{{ t }}</li>
          <li v-for="t in r.against" :key="t" class="trouble">{{ t }}</li>
        </ul>
      </div>
      <ul class="quiet small">
        <li v-for="n in answer.notes" :key="n">{{ n }}</li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
section {
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}
section:first-child {
  border-top: 0;
}
.big {
  font-size: 1.05rem;
  font-weight: 700;
}
.four {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(112px, 1fr));
  gap: 6px 12px;
  margin: 0;
}
dt {
  font-size: 0.8rem;
  color: var(--quiet);
}
dd {
  margin: 0;
  font-family: var(--figures);
  font-size: 1.2rem;
  font-weight: 600;
}
h3 {
  font-size: 1rem;
  margin: 0 0 4px;
}
h3::first-letter,
h4::first-letter {
  text-transform: uppercase;
}
h4 {
  margin: 10px 0 2px;
}
p {
  margin: 0 0 4px;
}
ul {
  margin: 2px 0;
  padding-left: 18px;
}
.small,
.notes {
  font-size: 0.9rem;
}
table.plain td,
table.plain th {
  padding: 3px 5px;
}
.sum td {
  font-weight: 700;
}
.caution {
  border-left: 3px solid var(--ochre);
  padding-left: 8px;
  font-size: 0.88rem;
}
summary {
  cursor: pointer;
  padding: 8px 0;
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
}
</style>
