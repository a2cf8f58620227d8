<script setup lang="ts">
import { RouterLink } from 'vue-router'
</script>

<template>
  <div class="page">
    <h1>There is nothing at this address</h1>
    <p>The page may have moved, or the link was cut short. Nothing was changed.</p>
    <RouterLink to="/" class="btn btn-primary">Back to today</RouterLink>
  </div>
</template>
