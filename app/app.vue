<template>
  <div class="min-h-dvh">
    <NuxtRouteAnnouncer />
    <NuxtPage />
    <LazySayAgain v-if="saidAgain" :asked="saidAgain" />
  </div>
</template>
