<script setup lang="ts">
import { ref, watch } from 'vue'
import GuideText from './GuideText.vue'

/** What the guide says of the view that one is in. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ page: string }>()
const shown = ref(props.page)
watch(open, (now) => now && (shown.value = props.page))
</script>

<template>
  <v-dialog v-model="open" max-width="760" scrollable>
    <v-card aria-label="Guide">
      <v-card-text><GuideText :page="shown" @go="shown = $event" /></v-card-text>
      <v-card-actions>
        <v-btn variant="text" :to="`/guide/${shown}`" @click="open = false">Open as a page</v-btn><v-spacer />
        <v-btn color="primary" variant="text" @click="open = false">Close</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>
