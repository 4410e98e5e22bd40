<template>
  <div class="min-h-dvh">
    <NuxtRouteAnnouncer />
    <NuxtPage />
  </div>
</template>
