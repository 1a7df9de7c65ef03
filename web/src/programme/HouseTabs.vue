<script setup lang="ts">
/** The views of the programme's own page. */
</script>

<template>
  <h1 class="sentence">House</h1>
  <nav aria-label="House">
    <RouterLink to="/programme">Conventions</RouterLink>
    <RouterLink to="/programme/roster">Roster</RouterLink>
    <RouterLink to="/programme/figures">Figures</RouterLink>
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  flex: 1;
}
a {
  font: 600 19px/1.4 var(--serif);
  color: var(--soft);
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
a.router-link-exact-active {
  color: var(--ink);
  border-bottom-color: var(--accent);
}
</style>
