<script setup lang="ts">
const open = defineModel<boolean>({ required: true })
const keys = [
  ['↑ ↓', 'walk the lanes'],
  ['← →', 'move through the days'],
  ['Enter', 'open or close a lane'],
  ['c', 'choose the cover of the lane'],
  ['+ −', 'zoom in and out'],
  ['w', 'the whole season, and back'],
  ['.', 'jump to today'],
  ['/', 'find a field'],
  ['?', 'show or hide these keys'],
]
</script>

<template>
  <v-dialog v-model="open" max-width="420">
    <v-card title="Keys">
      <v-card-text>
        <table class="plain">
          <tbody>
            <tr v-for="key in keys" :key="key[0]">
              <td class="figures">{{ key[0] }}</td>
              <td>{{ key[1] }}</td>
            </tr>
          </tbody>
        </table>
      </v-card-text>
      <v-card-actions
        ><v-spacer /><v-btn color="primary" variant="text" @click="open = false">Close</v-btn></v-card-actions
      >
    </v-card>
  </v-dialog>
</template>
