<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { area, areaUnit } from '../../format/units'

/** A field as it lies and stands. */
defineProps<{ field: Schemas['FieldView']; lanes: Schemas['LaneView'][] }>()
</script>

<template>
  <div>
    <p v-for="l in lanes" :key="l.zoneId ?? l.fieldId" class="facts">
      {{ l.stands?.words }}<br /><span v-if="l.cover">{{ l.cover }}: </span>{{ l.answer
      }}<template v-if="l.closes">, closes {{ short(l.closes) }}</template>
    </p>
    <p class="facts">
      <b class="figures">{{ area(field.acres, 1) }} {{ areaUnit }}</b> · {{ field.farmstead || 'no farmstead'
      }}<br />{{ field.soil.replace('_', ' ').toLowerCase() }}, {{ field.drainage.toLowerCase() }} drainage{{
        field.tiled ? ', tiled' : ''
      }}{{ field.organic ? ', organic' : '' }}, {{ field.slopePercent }} % slope<span v-if="field.access"
        ><br />Way in: {{ field.access }}</span
      >
      <span v-for="z in field.zones" :key="z.id"
        ><br />{{ z.name }}: {{ area(z.acres, 1) }} {{ areaUnit
        }}{{ z.boundary ? '' : `, ${Math.round(100 * (z.share ?? 0))} % of the field` }}</span
      >
    </p>
  </div>
</template>

<style scoped>
.facts {
  margin: 8px 0;
}
</style>
