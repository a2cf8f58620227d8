<script setup lang="ts">
import { computed, onMounted, reactive, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { AppointmentView, SessionView, SitePain } from '@/shared/api/types'
import { date, timeOfDay, words } from '@/shared/format'
import PainScale from '@/shared/PainScale.vue'
import StepClock from './StepClock.vue'

/** All is lifted: is any place worse than before, right now? Then the session is finished. */
const props = defineProps<{ session: SessionView }>()
const emit = defineEmits<{ finish: [rightAfter: SitePain[]]; undo: [] }>()
// What is sore as a rule, and what hurt today.
const places = computed(() => {
  const sore = props.session.soreSites.map((s) => ({ site: s.site, side: s.side, usual: s.usual }))
  const hurt = props.session.sets.flatMap(({ set }) =>
    set.painSite && set.painSide ? [{ site: set.painSite, side: set.painSide, usual: undefined }] : [],
  )
  const all = [...sore, ...hurt]
  return all.filter((p, n) => all.findIndex((q) => q.site === p.site && q.side === p.side) === n)
})
const hurtToday = computed(() => places.value.filter((p) => p.usual === undefined))
const said = reactive<Record<string, number | undefined>>({})
const key = (p: { site: string; side: string }) => `${p.side} ${p.site}`
function finish() {
  const answers = places.value.flatMap((p) => {
    const pain = said[key(p)]
    return pain === undefined ? [] : [{ site: p.site, side: p.side, pain }]
  })
  emit('finish', answers)
}
// What was done, in one line.
const summary = computed(() => {
  const sets = props.session.sets.length
  const exercises = new Set(props.session.sets.map(({ set }) => set.exerciseKey)).size
  return `${sets} ${sets === 1 ? 'set' : 'sets'} of ${exercises} ${exercises === 1 ? 'exercise' : 'exercises'}.`
})
const next = ref<AppointmentView>()
onMounted(async () => {
  const params = { path: { clientId: props.session.clientId } }
  // Without a connection the line is simply not there.
  const days = await ask(() => api.GET('/api/clients/{clientId}/days', { params })).catch(() => undefined)
  next.value = days?.appointments.find((a) => a.on > props.session.visitOn)
})
const stopped = computed(() => props.session.status === 'STOPPED')
const held = computed(() => props.session.held)
const finished = computed(() => props.session.status === 'DONE')
</script>

<template>
  <section class="end" :class="{ stopped }">
    <template v-if="stopped">
      <h1>Stopped: {{ session.stopSign }}</h1>
      <p class="fs-4">In doubt, call your local emergency number. Stay with the client.</p>
      <p>Every set logged is kept. Nothing is planned until a new screen records what happened.</p>
      <RouterLink :to="`/clients/${session.clientId}`" class="btn btn-light btn-lg">To the client</RouterLink>
    </template>
    <template v-else-if="finished">
      <h1>This session is finished.</h1>
      <RouterLink :to="`/clients/${session.clientId}`" class="btn btn-primary btn-lg">To the client</RouterLink>
    </template>
    <template v-else-if="held.length">
      <h1>Nothing more is lifted today.</h1>
      <p v-for="r in held" :key="r.ruleId" class="fs-5 mb-1">{{ r.exact }}</p>
      <p class="mt-2">A screen taken since this session was planned holds it. Every set logged is kept.</p>
      <BButton variant="primary" size="lg" class="finish" @click="finish">Finish the session here</BButton>
    </template>
    <template v-else>
      <h1>All sets done.</h1>
      <p class="fs-5 mb-1">{{ summary }}</p>
      <p class="fs-5 mb-1">
        Two easy minutes of arm movement.
        {{ session.between.water?.exact ?? 'Nothing about drinking: that is their clinician’s.' }}
      </p>
      <StepClock :name="`${session.id}.cool-down`" :seconds="120" over="Cool-down done" />
      <div class="home">
        <h2>To take home</h2>
        <ul>
          <li>Tomorrow morning: sore muscle is expected after new work, joint pain is what we ask about.</li>
          <li v-for="p in hurtToday" :key="key(p)">
            The {{ words(p.side) }} {{ words(p.site) }} hurt today: nothing heavy with it until the morning is quiet.
          </li>
          <li v-if="next">Next visit: {{ date(next.on) }} at {{ timeOfDay(next.at) }}.</li>
          <li>
            <RouterLink :to="`/clients/${session.clientId}/compose`">A sheet for home</RouterLink>
            to print or send.
          </li>
        </ul>
      </div>
      <PainScale
        v-for="p in places"
        :key="key(p)"
        v-model="said[key(p)]"
        :label="`How is the ${words(p.side)} ${words(p.site)} now?`"
        :usual="p.usual"
        class="scale"
      />
      <div class="d-flex gap-2">
        <BButton variant="primary" size="lg" class="finish" @click="finish">Finish the session</BButton>
        <BButton variant="outline-primary" size="lg" @click="$emit('undo')">Undo the last set</BButton>
      </div>
    </template>
  </section>
</template>

<style scoped>
.end {
  flex: 1;
  display: grid;
  align-content: center;
  justify-items: start;
  gap: 0.8rem;
  max-width: 46rem;
  margin: 0 auto;
  padding: 1rem;
}
.end.stopped {
  background: var(--ink);
  color: var(--ground);
  max-width: none;
  width: 100%;
  padding: 2rem;
}
h1 {
  font-size: 2rem;
}
h2 {
  font-size: 1.1rem;
}
.home ul {
  margin: 0;
  padding-left: 1.1rem;
}
.scale {
  width: 100%;
}
.finish {
  min-height: 4rem;
}
</style>
