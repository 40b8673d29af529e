<script setup lang="ts" generic="T extends { id: string }">
/** A dialog over what was noted: a line for each, a form for more beneath, and a way out. */
defineProps<{ title: string; subtitle: string; none: string; items?: T[] }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <v-dialog v-model="open" max-width="620" :aria-label="title">
    <v-card :title="title" :subtitle="subtitle">
      <v-card-text>
        <ul v-if="items?.length" class="noted">
          <li v-for="item in items" :key="item.id"><slot name="item" :item="item" /></li>
        </ul>
        <p v-else class="quiet">{{ none }}</p>
        <slot />
      </v-card-text>
      <v-card-actions><v-spacer /><v-btn variant="text" @click="open = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>
