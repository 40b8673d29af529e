<script setup lang="ts">
import { computed, ref } from 'vue'
import { useWays } from '../../api/resources'
import type { Schemas } from '../../api/client'
import { range, short } from '../../format/dates'
import { bare, matter, rateUnit, word } from '../../format/units'

/** Every way of ending one cover: when, what it kills, costs and leaves; the ways that are ruled out say why. */
const props = defineProps<{ fieldId: string; zone?: string; planner: boolean }>()
defineEmits<{ take: [termination: Way['answer']['termination']] }>()
type Way = Schemas['MethodOfTermination']
const { data: ways, error } = useWays(
  () => props.fieldId,
  () => props.zone,
)
const open = ref('')
const can = computed(() => (ways.value ?? []).filter((w) => !w.answer.impossible))
const cannot = computed(() => (ways.value ?? []).filter((w) => w.answer.impossible))
const kept = (w: Way) =>
  w.effects!.weeksToHalf ? `half gone in ${w.effects!.weeksToHalf} warm weeks` : 'nothing left on the ground'
const nitrogen = (n: number) =>
  `${bare(Math.abs(n), 'POUND_PER_ACRE', 0)} ${word('POUND_PER_ACRE')} N ${n < 0 ? 'tied up' : 'given'}`
</script>

<template>
  <section class="ways" aria-label="Every way by itself">
    <h3>Every way by itself</h3>
    <p v-if="error" class="trouble" role="alert">{{ error.message }}</p>
    <p v-else-if="!ways" class="quiet">Working out every way …</p>
    <div v-else class="scroll" role="region" aria-label="Every way, table" tabindex="0">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Way</th>
            <th scope="col">Aim, open</th>
            <th scope="col">Kills</th>
            <th scope="col">Leaves</th>
            <th scope="col" class="n">Costs</th>
            <th scope="col"><span class="sr">Choose</span></th>
          </tr>
        </thead>
        <tbody>
          <template v-for="w in can" :key="w.answer.termination">
            <tr :class="{ chosen: w.answer.chosen }">
              <th scope="row">
                <button
                  type="button"
                  class="more"
                  :aria-expanded="open === w.answer.termination"
                  @click="open = open === w.answer.termination ? '' : w.answer.termination"
                >
                  {{ w.answer.words }}
                </button>
                <div v-if="w.machines.length" class="quiet small">{{ w.machines.join(', then ') }}</div>
              </th>
              <td class="figures">
                <b>{{ short(w.answer.aim) }}</b>
                <div class="quiet small">{{ range(w.answer.opens.middle, w.answer.closes.middle) }}</div>
                <div v-if="w.chance !== undefined" class="quiet small">{{ w.chance }} % open and fit</div>
              </td>
              <td class="figures">
                <template v-if="w.answer.killLow !== undefined"
                  >{{ w.answer.killLow }}–{{ w.answer.killHigh }} %</template
                >
                <template v-else>no figure</template>
                <template v-if="w.answer.members.length > 1">
                  <div v-for="m in w.answer.members" :key="m.species" class="quiet small">
                    {{ m.species.toLowerCase() }} {{ m.kill === undefined ? 'no figure' : m.kill + ' %' }}
                  </div>
                </template>
              </td>
              <td v-if="w.effects" class="figures">
                {{ matter(w.effects.matLbAc) }} {{ rateUnit }}, C:N {{ w.effects.carbonToNitrogen }}
                <div class="quiet small">
                  {{ w.effects.weedsDown }} % of weeds down; {{ kept(w) }}; {{ nitrogen(w.effects.availableLbAc) }}
                </div>
              </td>
              <td v-else class="quiet">no day to aim at</td>
              <td class="n figures">
                {{
                  w.effects
                    ? `$${bare(w.effects.dollars, 'DOLLAR_PER_ACRE', 0)}${word('DOLLAR_PER_ACRE').replace('$', '')}`
                    : ''
                }}
              </td>
              <td>
                <b v-if="w.answer.chosen">the way chosen</b>
                <v-btn
                  v-else-if="planner"
                  size="small"
                  variant="outlined"
                  :aria-label="`End it so: ${w.answer.words}`"
                  @click="$emit('take', w.answer.termination)"
                  >Take it</v-btn
                >
              </td>
            </tr>
            <tr v-if="open === w.answer.termination" class="detail">
              <td colspan="6">
                <div class="two">
                  <div>
                    <h4>What speaks for it</h4>
                    <ul>
                      <li v-for="r in w.answer.reasons" :key="r">{{ r }}</li>
                    </ul>
                    <template v-if="w.effects?.products.length">
                      <h4>What is sprayed, for planning only</h4>
                      <ul>
                        <li v-for="p in w.effects.products" :key="p">{{ p }}</li>
                      </ul>
                    </template>
                    <p v-if="w.effects?.dryStems">Stems dry and brittle, sun and moving air: pick the hour.</p>
                  </div>
                  <div>
                    <h4>What speaks against it</h4>
                    <ul>
                      <li v-for="r in w.answer.against" :key="r" class="trouble">{{ r }}</li>
                      <li v-if="!w.answer.against.length" class="quiet">nothing that is known</li>
                    </ul>
                    <h4 v-if="w.cautions.length">Take care</h4>
                    <p v-for="c in w.cautions" :key="c" class="caution">{{ c }}</p>
                  </div>
                </div>
              </td>
            </tr>
          </template>
        </tbody>
      </table>
    </div>
    <details v-if="cannot.length">
      <summary>{{ cannot.length }} {{ cannot.length === 1 ? 'way is' : 'ways are' }} ruled out here</summary>
      <ul>
        <li v-for="w in cannot" :key="w.answer.termination">
          <b>{{ w.answer.words }}</b>: {{ w.answer.impossible }}. <span class="quiet">{{ w.answer.remedy }}</span>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
  min-width: 720px;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 5px 10px 5px 0;
}
.n {
  text-align: right;
}
tr.chosen > * {
  background: var(--furrow);
}
.more {
  all: unset;
  display: block;
  cursor: pointer;
  font-weight: 700;
  text-decoration: underline;
  text-decoration-color: var(--hair);
  min-height: 28px;
}
.more::first-letter,
li b::first-letter {
  text-transform: uppercase;
}
li b {
  display: inline-block;
}
.more:focus-visible {
  outline: 3px solid var(--flax);
}
.small {
  font-size: 13.5px;
  font-weight: 400;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
}
h4 {
  margin: 4px 0 2px;
}
.sr {
  position: absolute;
  clip-path: inset(50%);
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
