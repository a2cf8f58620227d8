<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router'
import { loadSession, session } from './session'
import { api, ask } from './shared/api/client'
import { date } from './shared/format'
import { useCall } from './shared/useCall'
import WhyLine from './shared/WhyLine.vue'

const route = useRoute()
const router = useRouter()
const person = computed(() => session.view?.person)
const { run } = useCall()

async function signOut() {
  await run(() => ask(() => api.DELETE('/api/session')))
  await loadSession()
  await router.push({ name: 'sign-in' })
}

/** Only in the demo: the room's calendar goes one day ahead, so that a morning after can be tried at once. */
async function nextDay() {
  const view = await run(() => ask(() => api.POST('/api/demo/next-day')))
  if (view) {
    session.view = view
    router.go(0)
  }
}
</script>

<template>
  <BApp>
    <a class="visually-hidden-focusable skip" href="#main">To the content</a>
    <header v-if="person && !route.meta.floor" class="bar no-print">
      <RouterLink to="/" class="name">Kinesia</RouterLink>
      <RouterLink to="/exercises" class="plain">Exercises</RouterLink>
      <RouterLink to="/places" class="plain">Places</RouterLink>
      <span class="room">{{ person.roomName }}</span>
      <span class="today">{{ date(person.today) }}</span>
      <button v-if="session.view?.demo" type="button" class="plain" @click="nextDay">Demo: go to the next day</button>
      <button type="button" class="plain ms-auto" @click="signOut">Sign out {{ person.name }}</button>
    </header>
    <main id="main" tabindex="-1">
      <RouterView :key="route.fullPath" />
    </main>
    <WhyLine />
  </BApp>
</template>

<style>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.2rem;
  align-items: baseline;
  padding: 0.5rem 1.2rem;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
}
.bar .name {
  font-weight: 700;
  color: var(--tide);
  text-decoration: none;
  font-size: 1.1rem;
}
.bar .room,
.bar .today {
  color: var(--quiet);
}
.plain {
  border: 0;
  background: none;
  color: var(--tide);
  text-decoration: underline;
  text-underline-offset: 0.2em;
  min-height: 1.8rem;
  padding: 0 0.3rem;
}
main:focus {
  outline: none;
}
.skip {
  position: absolute;
  z-index: 10;
  background: var(--card);
  padding: 0.5rem;
}
</style>
