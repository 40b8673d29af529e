<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { number } from '../../format/units'

/** What a field is sprayed with, and the hours that its labels ask for. */
defineProps<{ spray: Schemas['SheetSpray'] }>()
</script>

<template>
  <p class="figures spray">
    {{ spray.words }}:
    {{
      spray.rainFree === undefined
        ? 'rain-free hours: read the label'
        : `${number(spray.rainFree, 0)} h without rain`
    }},
    {{ spray.reEntry === undefined ? 're-entry: read the label' : `nobody in the field for ${spray.reEntry} h` }}
  </p>
</template>

<style scoped>
.spray {
  margin: 0;
}
</style>
