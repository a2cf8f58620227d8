<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { session } from '@/session'
import { api, ask } from '@/shared/api/client'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'

const route = useRoute()
const router = useRouter()
const { busy, problem, run, wrong } = useCall()
const form = ref({ roomName: '', name: '', email: '', password: '' })
const first = computed(() => session.view?.ownerMissing ?? false)

async function submit() {
  const { email, password, roomName, name } = form.value
  const view = await run(() =>
    first.value
      ? ask(() => api.POST('/api/owner', { body: { roomName, name, email, password } }))
      : ask(() => api.POST('/api/session', { body: { email, password } })),
  )
  if (view) {
    session.view = view
    const next = typeof route.query.next === 'string' && route.query.next.startsWith('/') ? route.query.next : '/'
    await router.push(next)
  }
}
</script>

<template>
  <div class="page sign-in">
    <div class="lead-in">
      <h1 class="display-6">Kinesia</h1>
      <p class="fs-5">Arm training that elbows and shoulders over fifty can live with, and why.</p>
      <p class="quiet">
        Kinesia screens, limits and refers. It does not diagnose or treat; questions of health belong to a licensed
        clinician, and local rules come first.
      </p>
    </div>
    <form class="panel" novalidate @submit.prevent="submit">
      <h2>{{ first ? 'Set up your room' : 'Sign in' }}</h2>
      <p v-if="route.query.expired" class="quiet">Your sign-in has run out. Nothing you entered was lost.</p>
      <p v-if="first" class="quiet">This is the first visit: you become the owner of this installation.</p>
      <template v-if="first">
        <TextField v-model="form.roomName" label="Name of the room" :wrong="wrong('roomName')" />
        <TextField v-model="form.name" label="Your name" autocomplete="name" :wrong="wrong('name')" />
      </template>
      <TextField v-model="form.email" label="E-mail" type="email" autocomplete="username" :wrong="wrong('email')" />
      <TextField
        v-model="form.password"
        label="Password"
        type="password"
        :autocomplete="first ? 'new-password' : 'current-password'"
        :help="first ? 'At least 12 characters.' : undefined"
        :wrong="wrong('password')"
      />
      <ProblemNotice v-if="problem && !problem.fields.length" :problem="problem" />
      <BButton type="submit" variant="primary" class="w-100" :disabled="busy">
        {{ first ? 'Make the owner’s account' : 'Sign in' }}
      </BButton>
      <p v-if="session.view?.demo && !first" class="quiet small mt-3 mb-0">
        Demo: trainer@tidewheel.example, password tide-wheel-demo
      </p>
    </form>
  </div>
</template>

<style scoped>
.sign-in {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(18rem, 0.9fr);
  gap: 3rem;
  align-items: center;
  min-height: 90vh;
  max-width: 60rem;
}
.lead-in h1 {
  color: var(--tide);
  font-weight: 700;
}
@media (max-width: 700px) {
  .sign-in {
    grid-template-columns: 1fr;
    gap: 1rem;
    align-content: start;
  }
}
</style>
