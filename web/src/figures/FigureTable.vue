<script setup lang="ts">
import { parseNumber } from '../format/day'
import { kept, read, word, type Unit } from '../format/units'
import { planner } from '../session'
import type { Figure } from './figures'

defineProps<{ of: string; title: string; figures: Figure[] }>()
const emit = defineEmits<{ set: [figure: Figure, value: number | undefined] }>()

const said = (value: number | undefined, unit: Unit) =>
  value === undefined ? '' : String(Number(read(value, unit).toPrecision(5)))

const grouped = (value: number | undefined, unit: Unit) =>
  value === undefined
    ? '–'
    : Number(read(value, unit).toPrecision(5)).toLocaleString('en-US', { maximumFractionDigits: 4 })
const range = (f: Figure) => `${grouped(f.low, f.unit)}${f.low < 0 ? ' to ' : '–'}${grouped(f.high, f.unit)}`

function typed(figure: Figure, event: Event) {
  const input = event.target as HTMLInputElement
  const number = parseNumber(input.value)
  input.setCustomValidity(number === null && input.value !== '' ? 'A number, such as 1,200, 2.5 or 1/2' : '')
  if (number === null) input.reportValidity()
  else emit('set', figure, kept(number, figure.unit))
}
</script>

<template>
  <table class="plain">
    <caption v-if="title">
      {{
        title
      }}
    </caption>
    <colgroup>
      <col />
      <col class="value" />
      <col class="unit" />
      <col class="may" />
      <col class="start" />
      <col class="from" />
      <col class="back" />
    </colgroup>
    <thead>
      <tr>
        <th>Figure</th>
        <th class="n">value</th>
        <th>unit</th>
        <th>may be</th>
        <th>starting value</th>
        <th>from</th>
        <th />
      </tr>
    </thead>
    <tbody>
      <tr v-for="f in figures" :key="f.sheet + f.row + f.column" :class="{ changed: f.changed }">
        <td class="what">{{ f.words }}</td>
        <td class="n">
          <input
            class="figures"
            inputmode="decimal"
            :value="said(f.value, f.unit)"
            placeholder="–"
            :disabled="!planner"
            :aria-label="`${of}${title ? ', ' + title : ''}: ${f.words}, ${word(f.unit)}`"
            @change="typed(f, $event)"
          />
        </td>
        <td>{{ word(f.unit) }}</td>
        <td class="figures quiet">{{ range(f) }}</td>
        <td class="figures quiet">
          {{ f.changed ? grouped(f.startingValue, f.unit) : f.value === undefined ? '–' : 'as it is' }}
        </td>
        <td class="quiet">{{ f.source }}</td>
        <td>
          <v-btn
            v-if="f.changed && planner"
            size="x-small"
            variant="text"
            :aria-label="`Put ${f.words} back`"
            @click="emit('set', f, undefined)"
          >
            Put back
          </v-btn>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  table-layout: fixed;
  width: 100%;
}
.value {
  width: 136px;
}
.unit {
  width: 92px;
}
.may {
  width: 132px;
}
.start {
  width: 104px;
}
.from {
  width: 138px;
}
.back {
  width: 92px;
}
caption {
  text-align: left;
  font-weight: 700;
  padding: 10px 0 2px;
}
caption::first-letter {
  text-transform: uppercase;
}
.what::first-letter {
  text-transform: uppercase;
}
input {
  width: 104px;
  text-align: right;
  border: 1px solid var(--hair);
  border-radius: 3px;
  padding: 3px 6px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  min-height: 30px;
}
td:not(.what),
th {
  white-space: nowrap;
}
tr.changed td {
  background: color-mix(in srgb, var(--ochre) 12%, transparent);
}
@media (max-width: 900px) {
  th:nth-child(4),
  td:nth-child(4),
  th:nth-child(6),
  td:nth-child(6),
  .may,
  .from {
    display: none;
  }
}
/* Under a thumb a figure is two lines: its words, then its value with what may be done to it. */
@media (max-width: 640px) {
  table,
  tbody,
  caption {
    display: block;
  }
  thead,
  colgroup,
  td:nth-child(5) {
    display: none;
  }
  tr {
    display: grid;
    grid-template-columns: auto 1fr auto;
    align-items: center;
    border-bottom: 1px solid var(--hair);
  }
  .what {
    grid-column: 1 / -1;
  }
  tr td {
    border: 0;
    white-space: normal;
  }
  input {
    min-height: 44px;
  }
}
</style>
