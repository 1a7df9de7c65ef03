<script setup lang="ts">
import { useRoute } from 'vue-router'

const route = useRoute()
</script>

<template>
  <section class="nothing">
    <h1 class="sentence">Nothing here</h1>
    <p>There is no page at {{ route.path }}. It may have been moved, or the address is not whole.</p>
    <p>
      <RouterLink
        class="button main"
        to="/board"
        >To the board</RouterLink
      >
      <RouterLink
        class="button"
        to="/playbook"
        >To the playbook</RouterLink
      >
    </p>
  </section>
</template>

<style scoped>
.nothing {
  padding: 48px 40px;
  display: grid;
  gap: 14px;
  align-content: start;
}
a {
  text-decoration: none;
}
</style>
