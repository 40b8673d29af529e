<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import { useRefresh } from '../../api/resources'
import { reactive, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, got, type Refused } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'
import { settle } from '../../session'

const router = useRouter()
const route = useRoute()
const refresh = useRefresh()
const starting = ref(false)
const busy = ref(false)
const problem = ref<Refused | ''>('')
const typed = reactive({
  email: '',
  password: '',
  farm: '',
  name: '',
  latitude: '' as string | number,
  longitude: '' as string | number,
})

async function enter() {
  busy.value = true
  problem.value = ''
  try {
    const view = starting.value
      ? await got(
          api.POST('/api/v1/farms', {
            body: {
              farm: typed.farm,
              name: typed.name,
              email: typed.email,
              password: typed.password,
              latitude: Number(typed.latitude),
              longitude: Number(typed.longitude),
            },
          }),
        )
      : await got(api.POST('/api/v1/session', { body: { email: typed.email, password: typed.password } }) as never)
    refresh.forget()
    settle(view as Parameters<typeof settle>[0])
    const to = starting.value ? '/farm' : String(route.query.to ?? '/')
    await router.push(to.startsWith('/') && !to.startsWith('//') ? to : '/')
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="gate">
    <v-card class="pa-6" width="420">
      <div class="d-flex align-center ga-3 mb-4">
        <img src="/furrow.svg" alt="" width="40" height="40" />
        <h1>Nimble Furrow</h1>
      </div>
      <p class="quiet mb-4">Cover crops around the cash crop: when to sow, how to end, who goes where.</p>
      <form @submit.prevent="enter">
        <template v-if="starting">
          <v-text-field v-model="typed.farm" class="mb-3" label="Farm name" required />
          <div class="d-flex ga-3 mb-3">
            <NumberField v-model="typed.latitude" label="Latitude, ° north" required />
            <NumberField
              v-model="typed.longitude"
              label="Longitude, ° east"
              required
              hint="west is negative"
              persistent-hint
            />
          </div>
          <v-text-field v-model="typed.name" class="mb-3" label="Your name" autocomplete="name" required />
        </template>
        <v-text-field
          v-model="typed.email"
          class="mb-3"
          label="E-mail"
          type="email"
          autocomplete="username"
          required
        />
        <v-text-field
          v-model="typed.password"
          class="mb-3"
          label="Password"
          type="password"
          :autocomplete="starting ? 'new-password' : 'current-password'"
          :hint="starting ? '10 characters or more' : ''"
          required
        />
        <Refusal :says="problem" />
        <v-btn type="submit" color="primary" block size="large" :loading="busy">{{
          starting ? 'Start the farm' : 'Sign in'
        }}</v-btn>
      </form>
      <v-btn class="mt-3" variant="text" color="primary" block @click="starting = !starting">{{
        starting ? 'Sign in to a farm I have' : 'Start a new farm'
      }}</v-btn>
    </v-card>
  </div>
</template>

<style scoped>
.gate {
  min-height: 90vh;
  display: grid;
  place-items: center;
  padding: 16px;
}
h1 {
  font-size: 1.5rem;
  margin: 0;
}
</style>
