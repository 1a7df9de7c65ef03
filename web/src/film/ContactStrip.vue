<script setup lang="ts">
/** The course of a play on one reel in small pictures, from its first frame to its last. */
defineProps<{ game: number; play: number; angle: number; number: number; side: string }>()
</script>

<template>
  <RouterLink :to="`/film/${game}/room?play=${number}`">
    <figure>
      <img
        :src="`/api/games/${game}/plays/${play}/angles/${angle}/strip.jpg`"
        loading="lazy"
        width="1280"
        height="90"
        :alt="`Play ${number} from its first frame to its last, ${side}`"
      />
      <figcaption class="soft">{{ side }}</figcaption>
    </figure>
  </RouterLink>
</template>

<style scoped>
figure {
  margin: 0;
}
img {
  width: 100%;
  height: auto;
  aspect-ratio: 1280 / 90;
  object-fit: contain;
  background: var(--faint);
}
figcaption {
  font: 400 13px var(--narrow);
}
</style>
