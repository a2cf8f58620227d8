<script setup lang="ts">
import SearchBox from '@/shared/SearchBox.vue'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router'
import AsidePanel from './features/floor/AsidePanel.vue'
import { flush, forgetQueue, queue } from './features/floor/queue'
import { loadSession, session } from './session'
import { api, ask } from './shared/api/client'
import { date } from './shared/format'
import { forgetThisDevice, notYetSent } from './shared/device'
import { useCall } from './shared/useCall'
import WhyLine from './shared/WhyLine.vue'

const route = useRoute()
const router = useRouter()
const person = computed(() => session.view?.person)
const { run } = useCall()

// What is on the device and not with the server, asked about before it leaves with who signs out.
const unsent = ref(0)

async function signOut() {
  await flush()
  unsent.value = notYetSent()
  if (!unsent.value) await leave()
}
async function leave() {
  await run(() => ask(() => api.DELETE('/api/session')))
  forgetQueue()
  forgetThisDevice()
  unsent.value = 0
  await loadSession()
  await router.push({ name: 'sign-in' })
}

const RETRY_MS = 3000
let timer = 0
onMounted(() => {
  timer = window.setInterval(() => queue.waiting.length && person.value && void flush(), RETRY_MS)
  window.addEventListener('online', flush)
})
onBeforeUnmount(() => {
  clearInterval(timer)
  window.removeEventListener('online', flush)
})

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
      <RouterLink to="/evidence" class="plain">Evidence</RouterLink>
      <RouterLink to="/outbox" class="plain">Outbox</RouterLink>
      <RouterLink to="/records" class="plain">Records</RouterLink>
      <RouterLink v-if="person.role === 'OWNER'" to="/people" class="plain">People</RouterLink>
      <span class="room">{{ person.roomName }}</span>
      <span class="today">{{ date(person.today) }}</span>
      <SearchBox class="ms-auto" />
      <button type="button" class="plain" @click="signOut">
        Sign out
        <span class="by">{{ person.name }}</span>
      </button>
    </header>
    <BModal
      :model-value="unsent > 0"
      title="Not sent yet"
      ok-title="Stay signed in"
      cancel-title="Sign out and throw it away"
      cancel-variant="outline-primary"
      no-close-on-backdrop
      no-header-close
      @ok="unsent = 0"
      @esc="unsent = 0"
      @cancel="leave"
    >
      <p class="mb-0">
        <strong>
          {{ unsent === 1 ? 'One thing' : `${unsent} things` }} on this device did not reach the server yet.
        </strong>
        Signing out takes everything about clients off this device.
      </p>
    </BModal>
    <AsidePanel v-if="person && route.name !== 'to-you'" />
    <main id="main" tabindex="-1">
      <RouterView :key="route.fullPath" />
    </main>
    <footer v-if="person && session.view?.demo && !route.meta.floor && route.name !== 'to-you'" class="demo no-print">
      Everything here is invented, to try things out.
      <button type="button" class="plain" @click="nextDay">Demo: go to the next day</button>
    </footer>
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
@media (max-width: 600px) {
  .bar {
    gap: 0 0.7rem;
    padding: 0.3rem 1.2rem;
    font-size: 0.95rem;
  }
  .bar .room,
  .bar .today,
  .bar .by {
    display: none;
  }
  .bar .plain {
    padding: 0;
  }
}
.demo {
  padding: 1.2rem;
  text-align: right;
  font-size: 0.85rem;
  color: var(--quiet);
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
