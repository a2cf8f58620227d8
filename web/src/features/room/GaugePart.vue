<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { GaugeView } from '@/shared/api/types'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'

/** The measuring devices of the screen. They are simulated; pulling one out shows what happens when a real one goes. */
const { problem, run } = useCall()
const gauges = ref<GaugeView[]>([])
const names = { INCLINOMETER: 'Inclinometer', GRIP: 'Grip gauge' }

onMounted(async () => {
  gauges.value = (await run(() => ask(() => api.GET('/api/gauges')))) ?? []
})
async function plug(g: GaugeView) {
  const view = await run(() =>
    ask(() =>
      api.PUT('/api/gauges/{gauge}', {
        params: { path: { gauge: g.gauge.toLowerCase() } },
        body: { plugged: !g.plugged },
      }),
    ),
  )
  if (view) gauges.value = gauges.value.map((x) => (x.gauge === view.gauge ? view : x))
}
</script>

<template>
  <section class="panel mt-3">
    <h2>Measuring devices, simulated</h2>
    <ProblemNotice :problem="problem" />
    <div v-for="g in gauges" :key="g.gauge" class="d-flex gap-3 align-items-center mb-2">
      <span>{{ names[g.gauge] }}: {{ g.plugged ? 'plugged in' : 'unplugged' }}</span>
      <BButton size="sm" variant="outline-primary" @click="plug(g)">
        {{ g.plugged ? 'Pull it out' : 'Plug it in' }}
      </BButton>
    </div>
  </section>
</template>
