<template>
  <svg
    width="22"
    height="22"
    viewBox="0 0 24 24"
    fill="none"
    stroke="currentColor"
    stroke-width="1.8"
    stroke-linecap="round"
    aria-hidden="true"
  >
    <path d="M3 7h18M4 7v4M7.200 7v10M10.400 7v7M13.600 7v10M16.800 7v4M20 7v10" />
  </svg>
</template>
