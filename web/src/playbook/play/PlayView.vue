<script setup lang="ts">
import { useRoute } from 'vue-router'
import PlayEditor from './PlayEditor.vue'

/** Each document has an editor of its own: one that was kept under a new name is another. */
const route = useRoute()
</script>

<template>
  <PlayEditor
    :id="String(route.params.id)"
    :key="route.path"
    :kind="String(route.params.kind)"
  />
</template>
